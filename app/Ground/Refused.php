<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** Something that can't be done with this jar or lot: the field it concerns, and a word key under ui.refused. */
final class Refused extends RuntimeException
{
    /** @param  array<string, string>  $parameters */
    public function __construct(
        public readonly string $field,
        public readonly string $reason,
        public readonly array $parameters = [],
    ) {
        parent::__construct("$field: $reason");
    }

    /** Where nothing else answers it: back to the form, what was typed kept, the word beside its field. */
    public function render(Request $request): Response|RedirectResponse
    {
        return $request->expectsJson()
            ? new Response($this->said(), 422, ['Content-Type' => 'text/plain; charset=utf-8'])
            : redirect()
                ->back()
                ->withInput()
                ->withErrors([$this->field => $this->said()])
                ->with('refused', $this->said());
    }

    public function said(): string
    {
        return say("ui.refused.$this->reason", $this->parameters);
    }
}
