<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Formulas\FormulaBook;
use App\Ground\Drafts\ActionRefused;
use App\Ground\SuggestionKey;
use App\Ground\Wording;
use App\Pantry\LotLine;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\PatchRefused;
use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Material\Catalogue;

/**
 * Does to a draft what a button on the bench asks for: add:oil, add:in.PART, part:… (see PartAction), remove:KEY,
 * up:KEY, down:KEY, weigh:KEY:GRAMS,
 * fix:CODE@KEYS#OFFER,
 * scale:HOW. Lines are named by their keys; an offer by what it changes.
 */
final readonly class DraftAction
{
    public function __construct(
        private Catalogue $catalogue,
        private Evaluator $evaluator,
        private FormulaBook $book,
        private Offers $offers,
        private Wording $wording,
        private DraftReader $draftReader,
        private PartAction $parts,
    ) {
    }

    /** The draft with its names found: lots, formulas of one's own, ingredients. */
    public function settled(Draft $draft): Draft
    {
        return $draft
            ->withLots(LotLine::named(...))
            ->withFormulas($this->book->documentOf(...))
            ->settled($this->catalogue);
    }

    /**
     * @return array{string, string} word key of the change, and what it was about: a key of the catalogue, a name or
     *   fields
     */
    public static function said(string $do, Draft $draft): array
    {
        [$verb, $what] = [...explode(':', $do, 3), ''];
        $line = array_column($draft->allLines(), null, 'key')[$what] ?? null;

        return match ($verb) {
            'weigh' => ['typed', "line/$what/amount"],
            'remove',
            'up',
            'down' => [
                $verb === 'remove' ? 'removed' : 'moved',
                $line === null ? '' : ($line['ingredient'] !== '' ? $line['ingredient'] : $line['name']),
            ],
            default => [$verb, ''],
        };
    }

    /**
     * @param  array<string, string>  $fields what stands in the scaling fields: factor, grams, container, count,
     *   overrun, scarce, at_hand
     *
     * @throws ActionRefused
     */
    public function apply(Draft $draft, string $do, array $fields = []): Draft
    {
        [$verb, $what] = [...explode(':', $do, 2), ''];
        if (
            in_array($verb, ['remove', 'up', 'down', 'weigh'], true)
            && ! in_array(
                explode(':', $what)[0],
                array_column($verb === 'weigh' ? $draft->lines() : $draft->allLines(), 'key'),
                true,
            )
        ) {
            throw ActionRefused::lineIsGone();
        }

        return match ($verb) {
            'add' => $draft->isFull()
                ? throw ActionRefused::isFull(FormulaDocument::MAX_LINES)
                : (str_starts_with($what, 'in.') ? $draft->withLine('', substr($what, 3)) : $draft->withLine($what)),
            'part' => $this->parts->apply($draft, $what)->settled($this->catalogue),
            'remove' => $draft->without($what),
            'up' => $draft->moved($what, -1),
            'down' => $draft->moved($what, 1),
            'weigh' => $this->weighed($draft, ...[...explode(':', $what, 2), '']),
            'fix' => $this->fixed($draft, $what),
            'for' => self::meant($draft, $what),
            'scale' => $this->scaled($draft, $what, $fields),
            default => $draft,
        };
    }

    /** @param  string  $what  "audience=pregnant": what the title or a note says, taken over */
    private static function meant(Draft $draft, string $what): Draft
    {
        [$field, $value] = [...explode('=', $what, 2), ''];
        $isSaid = match ($field) {
            'audience' => Audience::tryFrom($value) !== null,
            'use' => Application::tryFrom($value) !== null,
            default => false,
        };

        return $isSaid ? $draft->meantFor($field, $value) : throw ActionRefused::offerIsGone();
    }

    /** After an offer was taken: what it was made for and could not end, in words; "" where it is ended. */
    public function left(Draft $draft, string $do): string
    {
        if (! str_starts_with($do, 'fix:')) {
            return '';
        }
        $about = SuggestionKey::about($do);
        foreach ($this->offers->findingsOf($draft->settled($this->catalogue)) as $id => $finding) {
            if ($id === $about) {
                return say('ui.bench.refused.still_there', ['what' => $this->wording->message($finding)]);
            }
        }

        return '';
    }

    /** @param  array<string, string>  $fields */
    private function scaled(Draft $draft, string $to, array $fields): Draft
    {
        [$formula] = $this->draftReader->read($draft);
        $composition = $this->evaluator->weigh($formula);
        $total = $composition->total?->likely;
        if ($total === null || $total <= 0) {
            throw ActionRefused::noTotal();
        }
        $number = static fn (string $field): float => (float) str_replace(',', '.', $fields[$field] ?? '');
        $container = $this->catalogue->containers()[$fields['container'] ?? ''] ?? null;
        $count = max(1, min(1000, (int) $number('count')));
        $factor = match (true) {
            $to === 'factor' => $number('factor'),
            $to === 'grams' => $number('grams') / $total,
            $to === 'supply' => Scaling::bySupply($composition, $fields['scarce'] ?? '', $number('at_hand')) ?? 0.0,
            $container !== null => Scaling::forContainers(
                $container,
                $count,
                $composition->density() ?? 1.0,
                max(0.0, min(3.0, $number('overrun') / 100)),
            ) / $total,
            default => 0.0,
        };
        if ($factor * $total < 0.01 || $factor * $total > FormulaDocument::MAX_GRAMS) {
            throw ActionRefused::noSize();
        }

        return $to === 'containers' && $container !== null
            ? $draft->scaled($factor)->packedIn($container->key, $count)
            : $draft->scaled($factor);
    }

    /** One line to so many grams, in the measure its amount is written in: percent stays percent. */
    private function weighed(Draft $draft, string $key, string $grams): Draft
    {
        [$formula] = $this->draftReader->read($draft);
        $composition = $this->evaluator->weigh($formula);
        $total = $composition->total?->likely;
        $at = (int) array_search($key, array_column($draft->lines(), 'key'), true);
        if (! is_numeric($grams) || $total === null) {
            throw ActionRefused::noTotal();
        }

        return $draft->weighed(
            $key,
            max(0.0, min(FormulaDocument::MAX_GRAMS, (float) $grams)),
            $total,
            $composition->lines[$at]->grams?->likely,
        );
    }

    private function fixed(Draft $draft, string $what): Draft
    {
        $fix = $this->offers->find($draft, $what) ?? throw ActionRefused::offerIsGone();
        try {
            return $draft->patched($fix->patch)->settled($this->catalogue);
        } catch (PatchRefused) {
            throw ActionRefused::offerIsGone();
        }
    }
}
