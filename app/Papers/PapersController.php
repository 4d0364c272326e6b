<?php

declare(strict_types=1);

namespace App\Papers;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\Vessels;
use App\Models\Formula;
use App\Pantry\AtHand;
use Illuminate\Http\Response;
use Illuminate\Support\HtmlString;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;

/** A formula as files to take along. */
final class PapersController
{
    private const TYPES = [
        'xlsx' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        'ods' => 'application/vnd.oasis.opendocument.spreadsheet',
        'csv' => 'text/csv; charset=UTF-8',
        'pdf' => 'application/pdf',
        'json' => 'application/json',
        'svg' => 'image/svg+xml',
    ];

    /** Room for names beside the drawing, drawing units. */
    private const NAMES = 150;

    public function __construct(
        private readonly DraftReader $draftReader,
        private readonly FormulaPaper $formulaPaper,
        private readonly WorkingSheet $workingSheet,
        private readonly HowToFactory $howTos,
    ) {
    }

    public function file(Formula $formula, string $format, Evaluator $evaluator, Vessels $vessels): Response
    {
        $draft = Draft::fromStored($formula->draft);
        [$read] = $this->draftReader->read($draft);
        $composition = $evaluator->weigh($read);
        $bytes = match ($format) {
            'json' => json_encode(
                FormulaDocument::write($draft->plain()),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
            'pdf' => $this->formulaPaper->of($read),
            'svg' => PictureFile::of($vessels->bench($composition, $read->family, self::NAMES), $formula->name),
            default => $this->workingSheet->write($read, $composition, AtHand::cupboard(), $format),
        };

        return new Response(
            $bytes,
            200,
            [
                'Content-Type' => self::TYPES[$format],
                'Content-Disposition' => 'attachment; filename="'.(Str::slug($formula->name) ?: 'formula').".$format\"",
            ],
        );
    }

    public function howTo(Formula $formula, Evaluator $evaluator): View
    {
        [$read] = $this->draftReader->read(Draft::fromStored($formula->draft));
        $howTo = $this->howTos->of($read, $evaluator->weigh($read));
        $schema = json_encode(
            $howTo->toSchema(),
            JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );

        return view(
            'papers.how-to',
            [
                'formula' => $formula,
                'howTo' => $howTo,
                'schema' => new HtmlString("<script type=\"application/ld+json\">$schema</script>"),
            ],
        );
    }
}
