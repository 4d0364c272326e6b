<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DemoWorkroom;
use Illuminate\Support\Facades\Route;
use Tests\Support\AppCase;

/** The sample workroom and the maker's own: a click apart, and never taken for one another. */
final class RoomsTest extends AppCase
{
    public function test_an_empty_workroom_of_ones_own_offers_ways_to_begin_and_the_sample_to_look_round(): void
    {
        config(['ilvane.room' => 'mine', 'ilvane.other' => '127.0.0.1:8041']);
        $this
            ->get('/')
            ->assertOk()
            ->assertSee('Start from a ready-made formula')
            ->assertSee('Paste a recipe')
            ->assertSee('Plan an infusion')
            ->assertSee('An empty formula')
            ->assertSee('href="http://127.0.0.1:8041/"', false)
            ->assertSee('Look round the sample workroom')
            ->assertDontSee('sample-tag', false);
        $this->get('/settings')->assertSee('This is your own workroom.');
    }

    /** A page that is not among the screens tried everywhere would break unseen. */
    public function test_every_page_without_a_place_of_its_own_is_tried_at_every_width(): void
    {
        $screens = (string) file_get_contents(base_path('tests/Browser/EveryScreenTest.php'));
        $isPage = static fn (string $uri): bool => preg_match('/[{.]|^(up|_|storage)/', $uri) !== 1;
        $forgotten = [];
        foreach (Route::getRoutes()->getRoutesByMethod()['GET'] as $uri => $route) {
            $isShown = ! str_contains((string) $route->getActionName(), 'RedirectController');
            if ($isShown && $isPage($uri) && preg_match("#'/?".preg_quote($uri, '#')."['?]#", $screens) !== 1) {
                $forgotten[] = $uri;
            }
        }
        self::assertSame(self::NO_SCREENS, $forgotten);
    }

    /** Answers that are no page of their own: parts of one, files, and what is only opened on a phone. */
    private const NO_SCREENS = [
        'sign-in', 'come-in', 'authority', 'authority/certificate', 'catalogue/search', 'token', 'shelf-line',
    ];

    public function test_the_sample_says_on_every_page_that_it_is_one_and_leads_home(): void
    {
        config(['ilvane.room' => 'demo', 'ilvane.other' => '127.0.0.1:8040']);
        $this->seed(DemoWorkroom::class);
        foreach (['/', '/formulas', '/pantry', '/practice', '/settings'] as $page) {
            $this
                ->get($page)
                ->assertSee('sample-tag', false)
                ->assertSee('to my own')
                ->assertSee('href="http://127.0.0.1:8040/"', false);
        }
    }

    public function test_only_this_machine_is_led_to_the_other_and_none_where_there_is_none(): void
    {
        config(['ilvane.room' => 'demo', 'ilvane.other' => '']);
        $this->get('/')->assertSee('sample-tag', false)->assertDontSee('other-room', false);
        config(['ilvane.room' => '']);
        $this->get('/')->assertDontSee('sample-tag', false);
        $this->get('/settings')->assertDontSee('Two workrooms');
    }
}
