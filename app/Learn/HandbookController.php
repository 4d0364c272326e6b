<?php

declare(strict_types=1);

namespace App\Learn;

use App\Ground\Typed;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ilvane\Core\Formula\Region;

final class HandbookController
{
    public function __construct(private readonly Handbook $handbook)
    {
    }

    public function search(Request $request): View|RedirectResponse
    {
        $wanted = Typed::text($request, 'q', 80);
        $region = self::region($request);
        $topic = Typed::text($request, 'topic', 30);
        if ($wanted === '' && in_array($topic, Handbook::slugs(), true)) {
            return redirect()->route('handbook.topic', ['slug' => $topic, 'region' => $region->value]);
        }

        $topics = $wanted === ''
            ? array_map(fn (string $slug): array => $this->handbook->topic($slug, $region), Handbook::slugs())
            : $this->handbook->find($wanted, $region);

        return view('handbook.page', [
            'wanted' => $wanted,
            'region' => $region->value,
            'slug' => null,
            'topics' => $topics,
            'found' => array_sum(array_map(
                static fn (array $topic): int => count($topic['rules'])
                    + count($topic['schools'])
                    + count($topic['tables']),
                $topics,
            )),
        ]);
    }

    public function topic(Request $request, string $slug): View
    {
        abort_unless(in_array($slug, Handbook::slugs(), true), 404);
        $region = self::region($request);

        return view(
            'handbook.page',
            [
                'wanted' => '',
                'region' => $region->value,
                'slug' => $slug,
                'topics' => [$this->handbook->topic($slug, $region)],
            ],
        );
    }

    private static function region(Request $request): Region
    {
        return Region::tryFrom(Typed::text($request, 'region', 2)) ?? Region::EuropeanUnion;
    }
}
