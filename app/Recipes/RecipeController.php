<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\OwnKitchen;
use App\Ground\Typed;
use App\Infusions\JarBook;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Exchange\Json;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Reading\TextRefused;

final class RecipeController
{
    public function __construct(
        private readonly FormulaSheet $sheets,
        private readonly RecipePageFactory $recipePages,
    ) {
    }

    public function paste(): View
    {
        return view('recipes.paste', ['text' => '', 'problem' => null]);
    }

    public function read(Request $request, FormulaBook $book): View|Response|RedirectResponse
    {
        try {
            $given = $this->text($request);
            if (str_starts_with(ltrim($given), '{')) {
                return redirect()->route(
                    'bench',
                    $book->put(Draft::fromDocument(FormulaDocument::write(FormulaDocument::fromJson($given)))),
                );
            }

            return view('recipes.read', ['page' => $this->page($request)]);
        } catch (TextRefused|SheetRefused|DocumentRefused $refusal) {
            return self::refused($request, $refusal);
        }
    }

    public function open(
        Request $request,
        FormulaBook $book,
        JarBook $jars,
        OwnKitchen $kitchen,
    ): Response|RedirectResponse {
        try {
            $page = $this->page($request);
            if ($page->infusion !== null && ! $request->has('as_formula')) {
                return redirect()->route('infusion', $jars->begin($page->infusion));
            }
            $formula = FormulaDocument::read($kitchen->begun($page->document));

            return redirect()->route('bench', $book->put(Draft::fromDocument(FormulaDocument::write($formula))));
        } catch (TextRefused|SheetRefused|DocumentRefused $refusal) {
            return self::refused($request, $refusal);
        }
    }

    /** Back to what was pasted, with why it can't be read. */
    private static function refused(Request $request, TextRefused|SheetRefused|DocumentRefused $refusal): Response
    {
        $why = match (true) {
            $refusal instanceof TextRefused => say('errors.text.'.$refusal->reason),
            $refusal instanceof SheetRefused => $refusal->said(),
            default => trim($refusal->path.' '.say('errors.document.'.$refusal->reason, $refusal->parameters)),
        };

        return response(
            view(
                'recipes.paste',
                ['text' => Typed::text($request, 'text', RecipeReader::MAX_BYTES), 'problem' => $why],
            ),
            422,
        );
    }

    /**
     * @throws TextRefused
     * @throws SheetRefused
     * @throws DocumentRefused
     */
    private function page(Request $request): RecipePage
    {
        $text = $this->text($request);
        if (trim($text) === '') {
            throw new TextRefused('empty');
        }

        return $this->recipePages->of($text, Corrections::of($request));
    }

    /**
     * What was pasted, or what the dropped file holds.
     *
     * @throws SheetRefused
     */
    private function text(Request $request): string
    {
        $file = $request->file('file');
        $given = $request->input('text');
        $text = match (true) {
            ! $file instanceof UploadedFile || ! $file->isValid() => is_string($given) ? $given : '',
            FormulaSheet::takes($file->getClientOriginalExtension()) => $this->sheets->text(
                $file->getPathname(),
                $file->getClientOriginalExtension(),
            ),
            default => (string) file_get_contents($file->getPathname(), length: Json::MAX_BYTES + 1),
        };

        return str_replace(["\r\n", "\r"], "\n", $text);
    }
}
