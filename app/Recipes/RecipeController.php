<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\OwnKitchen;
use App\Ground\Picture;
use App\Ground\Refused;
use App\Ground\Typed;
use App\Infusions\JarBook;
use App\Models\NotePicture;
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
        private readonly NotePictures $pictures,
    ) {
    }

    public function paste(): View
    {
        return view('recipes.paste', ['text' => '', 'problem' => null, 'picture' => '']);
    }

    public function read(Request $request, FormulaBook $book): View|Response|RedirectResponse
    {
        try {
            $picture = $this->picture($request);
            $given = $this->text($request);
            if ($picture !== '' && trim($given) === '') {
                // a picture isn't read: it is shown beside the field, to type from
                return view('recipes.paste', ['text' => '', 'problem' => null, 'picture' => $picture]);
            }
            if (str_starts_with(ltrim($given), '{')) {
                return redirect()->route(
                    'bench',
                    $book->put(Draft::fromDocument(FormulaDocument::write(FormulaDocument::fromJson($given)))),
                );
            }

            return view('recipes.read', ['page' => $this->page($request), 'picture' => $picture]);
        } catch (TextRefused|SheetRefused|DocumentRefused|Refused $refusal) {
            return $this->refused($request, $refusal);
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
            $picture = $this->picture($request);
            if ($page->infusion !== null && ! $request->has('as_formula')) {
                $jar = $jars->begin($page->infusion);
                $this->pictures->belongs($picture, $jar);

                return redirect()->route('infusion', $jar);
            }
            $read = FormulaDocument::read($kitchen->begun($page->document));
            $formula = $book->put(Draft::fromDocument(FormulaDocument::write($read)));
            $this->pictures->belongs($picture, $formula);

            return redirect()->route($request->has('project') ? 'project' : 'bench', $formula);
        } catch (TextRefused|SheetRefused|DocumentRefused|Refused $refusal) {
            return $this->refused($request, $refusal);
        }
    }

    /** Back to what was pasted, with why it can't be read. */
    private function refused(
        Request $request,
        TextRefused|SheetRefused|DocumentRefused|Refused $refusal,
    ): Response {
        $why = match (true) {
            $refusal instanceof Refused => say("ui.refused.$refusal->reason"),
            $refusal instanceof TextRefused => say('errors.text.'.$refusal->reason),
            $refusal instanceof SheetRefused => $refusal->said(),
            default => trim($refusal->path.' '.say('errors.document.'.$refusal->reason, $refusal->parameters)),
        };

        return response(
            view(
                'recipes.paste',
                [
                    'text' => Typed::text($request, 'text', RecipeReader::MAX_BYTES),
                    'problem' => $why,
                    'picture' => $this->pictures->known(Typed::text($request, 'picture', 40)),
                ],
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
     * The picture that was dropped, now or before; empty for none.
     *
     * @throws Refused where it is too large, or none
     */
    private function picture(Request $request): string
    {
        $file = $request->file('file');

        return $file instanceof UploadedFile && Picture::isMeant($file)
            ? $this->pictures->keep(Picture::of($file, 'file'))
            : $this->pictures->known(Typed::text($request, 'picture', 40));
    }

    public function shown(NotePicture $picture): Response
    {
        return Picture::answer($picture->bytes, $picture->type);
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
            ! $file instanceof UploadedFile || ! $file->isValid() || Picture::isMeant($file) => is_string($given)
                ? $given
                : '',
            FormulaSheet::takes($file->getClientOriginalExtension()) => $this->sheets->text(
                $file->getPathname(),
                $file->getClientOriginalExtension(),
            ),
            default => (string) file_get_contents($file->getPathname(), length: Json::MAX_BYTES + 1),
        };

        return str_replace(["\r\n", "\r"], "\n", $text);
    }
}
