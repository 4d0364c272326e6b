<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Workroom\Draft;
use App\Workroom\FormulaBook;
use App\Workroom\IntakePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Reading\TextRefused;

final class IntakeController
{
    public function __construct(private readonly RecipeReader $reader)
    {
    }

    public function paste(): View
    {
        return view('intake.paste', ['text' => '', 'problem' => null]);
    }

    public function read(Request $request): View|Response
    {
        try {
            return view('intake.read', ['page' => $this->page($request)]);
        } catch (TextRefused $refusal) {
            return response(view('intake.paste', [
                'text' => Typed::text($request, 'text', RecipeReader::MAX_BYTES), 'problem' => say('errors.text.'.$refusal->reason),
            ]), 422);
        }
    }

    public function open(Request $request, FormulaBook $book): RedirectResponse
    {
        try {
            $page = $this->page($request);
        } catch (TextRefused) {
            return redirect()->route('intake');
        }

        return redirect()->route('bench', $book->put(Draft::fromDocument($page->document)));
    }

    /** @throws TextRefused */
    private function page(Request $request): IntakePage
    {
        $file = $request->file('file');
        $given = $request->input('text');
        $text = $file instanceof UploadedFile && $file->isValid()
            ? (string) file_get_contents($file->getPathname(), length: RecipeReader::MAX_BYTES + 1)
            : (is_string($given) ? $given : '');
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        if (trim($text) === '') {
            throw new TextRefused('empty');
        }
        $picks = $request->input('pick');
        $amounts = $request->input('amount');

        return IntakePage::of($this->reader->read($text), is_array($picks) ? $picks : [], is_array($amounts) ? $amounts : []);
    }
}
