<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Drawing\Section;
use App\Ground\Vessels;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;

/** Sound formulas to begin from, shipped in data/ready_made.json in the open form. */
final class ReadyMade
{
    private const FILE = 'ready_made.json';

    /** How high a vessel stands on the page, drawing units. */
    private const STANDS = 120.0;

    public function __construct(private readonly Vessels $vessels, private readonly Evaluator $evaluator)
    {
    }

    /** @return array<string, array<string, mixed>> open form by key, worded */
    public static function documents(): array
    {
        $frames = json_decode(
            (string) file_get_contents(config()->string('ilvane.data').'/'.self::FILE),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        $documents = [];
        foreach (is_array($frames) ? $frames : [] as $key => $document) {
            $documents[(string) $key] = [
                ...(is_array($document) ? $document : []),
                'name' => say("ready_made.names.$key.0"),
            ];
        }

        return $documents;
    }

    /**
     * @return array<string, list<array{key: string, name: string, why: string, vessel: Section}>> by family, in the
     *   order of families
     */
    public function all(): array
    {
        $frames = array_fill_keys(array_column(Family::cases(), 'value'), []);
        foreach (self::documents() as $key => $document) {
            $formula = FormulaDocument::read($document);
            $frames[$formula->family->value][] = [
                'key' => $key, 'name' => $formula->name, 'why' => say("ready_made.names.$key.1"),
                'vessel' => $this->vessels->small(
                    $this->evaluator->weigh($formula),
                    $formula->family,
                    false,
                    self::STANDS,
                ),
            ];
        }

        return array_filter($frames);
    }
}
