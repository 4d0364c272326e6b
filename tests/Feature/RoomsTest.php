<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DemoWorkroom;
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
