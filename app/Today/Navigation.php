<?php

declare(strict_types=1);

namespace App\Today;

use Illuminate\View\View;

/** The rooms along the head of every page; on a phone the first five, the rest under "More". */
final class Navigation
{
    /** Route => the routes it is shown as current on. */
    private const ROOMS = [
        'today' => ['today'],
        'infusions' => ['infusions', 'infusion', 'infusion.*', 'preparation*'],
        'formulas' => [
            'formulas',
            'bench',
            'version',
            'ready-made',
            'recipe*',
            'suggest',
            'substitute',
            'compare',
            'simulation',
            'set-out',
            'acidity',
            'how-to',
        ],
        'makes' => ['makes', 'make', 'make.*'],
        'shelf' => ['shelf', 'shelf.*', 'batch', 'label*', 'price', 'trace.batch'],
        'pantry' => ['pantry', 'lot', 'lot.*', 'trace.lot', 'shopping', 'own-ingredients'],
        'learn' => ['learn', 'handbook*', 'practice*'],
        'settings' => ['settings', 'backups*', 'phone'],
    ];

    private const FIRST = 5;

    public function compose(View $view): void
    {
        $links = [];
        foreach (self::ROOMS as $route => $on) {
            $links[] = [
                'href' => route($route),
                'word' => say("ui.nav.$route"),
                'isCurrent' => request()->routeIs(...$on),
            ];
        }
        $view
            ->with('firstLinks', array_slice($links, 0, self::FIRST))
            ->with('moreLinks', array_slice($links, self::FIRST));
    }
}
