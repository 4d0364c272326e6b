<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** Something that can't be done: the field it concerns, and why (ui.refused). Answers the request itself. */
final class Refused extends RuntimeException
{
    /** @param  array<string, string>  $parameters */
    private function __construct(
        public readonly string $field,
        public readonly string $reason,
        public readonly array $parameters = [],
    ) {
        parent::__construct("$field: $reason");
    }

    public static function alreadyMade(string $field): self
    {
        return new self($field, 'already_made');
    }

    public static function alreadyUsed(string $field, string $code): self
    {
        return new self($field, 'already_used', ['code' => $code]);
    }

    public static function beforeTheStart(string $field, string $start): self
    {
        return new self($field, 'before_the_start', ['start' => $start]);
    }

    public static function containerTouched(string $field, string $letter): self
    {
        return new self($field, 'container_touched', ['letter' => $letter]);
    }

    public static function containersFull(string $field): self
    {
        return new self($field, 'containers_full');
    }

    public static function noContainer(string $field): self
    {
        return new self($field, 'no_container');
    }

    public static function noContainers(string $field): self
    {
        return new self($field, 'no_containers');
    }

    public static function noCount(string $field): self
    {
        return new self($field, 'no_count');
    }

    public static function inTheFuture(string $field): self
    {
        return new self($field, 'in_the_future');
    }

    public static function isOpen(string $field): self
    {
        return new self($field, 'is_open');
    }

    public static function lotGone(string $field, string $when): self
    {
        return new self($field, 'lot_gone', ['when' => $when]);
    }

    public static function madeInto(string $field, string $code): self
    {
        return new self($field, 'made_into', ['code' => $code]);
    }

    public static function moreThanTaken(string $field, string $grams): self
    {
        return new self($field, 'more_than_taken', ['grams' => $grams]);
    }

    public static function moreThanThereIs(string $field, string $grams): self
    {
        return new self($field, 'more_than_there_is', ['grams' => $grams]);
    }

    public static function moreThanWentIn(string $field, string $grams): self
    {
        return new self($field, 'more_than_went_in', ['grams' => $grams]);
    }

    public static function namedBy(string $field, string $code, string $formulas): self
    {
        return new self($field, 'named_by', ['code' => $code, 'formulas' => $formulas]);
    }

    public static function negative(string $field): self
    {
        return new self($field, 'negative');
    }

    public static function dayIsPast(string $field): self
    {
        return new self($field, 'day_is_past');
    }

    public static function noLot(string $field): self
    {
        return new self($field, 'no_lot');
    }

    public static function notPlanned(string $field): self
    {
        return new self($field, 'not_planned');
    }

    public static function notReady(string $field): self
    {
        return new self($field, 'not_ready');
    }

    public static function notReadyBefore(string $field, string $earliest): self
    {
        return new self($field, 'not_ready_before', ['earliest' => $earliest]);
    }

    public static function partGone(string $field): self
    {
        return new self($field, 'part_gone');
    }

    public static function partsMissing(string $field): self
    {
        return new self($field, 'parts_missing');
    }

    public static function noDay(string $field): self
    {
        return new self($field, 'no_day');
    }

    public static function noFormula(string $field): self
    {
        return new self($field, 'no_formula');
    }

    public static function noGrams(string $field): self
    {
        return new self($field, 'no_grams');
    }

    public static function noKey(string $field): self
    {
        return new self($field, 'no_key');
    }

    public static function noLook(string $field): self
    {
        return new self($field, 'no_look');
    }

    public static function noMinutes(string $field): self
    {
        return new self($field, 'no_minutes');
    }

    public static function notHot(string $field): self
    {
        return new self($field, 'not_hot');
    }

    public static function noNumber(string $field): self
    {
        return new self($field, 'no_number');
    }

    public static function noPh(string $field): self
    {
        return new self($field, 'no_ph');
    }

    public static function noPicture(string $field): self
    {
        return new self($field, 'no_picture');
    }

    public static function noPlace(string $field): self
    {
        return new self($field, 'no_place');
    }

    public static function noPrice(string $field): self
    {
        return new self($field, 'no_price');
    }

    public static function noReason(string $field): self
    {
        return new self($field, 'no_reason');
    }

    public static function noReasonRelease(string $field): self
    {
        return new self($field, 'no_reason_release');
    }

    public static function noShelf(string $field): self
    {
        return new self($field, 'no_shelf');
    }

    public static function noSuchIngredient(string $field): self
    {
        return new self($field, 'no_such_ingredient');
    }

    public static function noSuchMethod(string $field): self
    {
        return new self($field, 'no_such_method');
    }

    public static function noTemperature(string $field): self
    {
        return new self($field, 'no_temperature');
    }

    public static function noTime(string $field): self
    {
        return new self($field, 'no_time');
    }

    public static function notSoMuchLeft(string $field, string $grams): self
    {
        return new self($field, 'not_so_much_left', ['grams' => $grams]);
    }

    public static function notStanding(string $field, string $when): self
    {
        return new self($field, 'not_standing', ['when' => $when]);
    }

    public static function notThinner(string $field, string $strength): self
    {
        return new self($field, 'not_thinner', ['strength' => $strength]);
    }

    public static function nothingToDraw(string $field): self
    {
        return new self($field, 'nothing_to_draw');
    }

    public static function nothingSaid(string $field): self
    {
        return new self($field, 'nothing_said');
    }

    public static function pictureLarge(string $field): self
    {
        return new self($field, 'picture_large');
    }

    public static function runsOver(string $field, string $level, string $jar): self
    {
        return new self($field, 'runs_over', ['level' => $level, 'jar' => $jar]);
    }

    public static function sampleProduct(string $field): self
    {
        return new self($field, 'sample_product');
    }

    public static function sampleTried(string $field): self
    {
        return new self($field, 'sample_tried');
    }

    public static function noReading(string $field): self
    {
        return new self($field, 'no_reading');
    }

    public static function nothingPoured(string $field, string $grams): self
    {
        return new self($field, 'nothing_poured', ['grams' => $grams]);
    }

    public static function nobodySaidWhat(string $field): self
    {
        return new self($field, 'said_what');
    }

    public static function tooEarly(string $field, string $percent): self
    {
        return new self($field, 'too_early', ['percent' => $percent]);
    }

    public static function tooLarge(string $field): self
    {
        return new self($field, 'too_large');
    }

    /** @param  string  $state  held or withdrawn */
    public static function inState(string $field, string $state): self
    {
        return new self($field, "is_$state");
    }

    /** Water is left in what is to be strained, or nobody can tell. */
    public static function stillWet(string $field, bool $isPotWeighed, string $water, string $days): self
    {
        $reason = $isPotWeighed ? 'water_left' : 'pot_not_weighed';

        return new self($field, $reason, ['water' => $water, 'days' => $days]);
    }

    /**
     * Back to the form with what was typed: the words beside their field, or over the page where it has no such field.
     */
    public function render(Request $request): Response|RedirectResponse
    {
        if ($request->expectsJson()) {
            return new Response($this->said(), 422, ['Content-Type' => 'text/plain; charset=utf-8']);
        }

        return redirect()
            ->back()
            ->withInput()
            ->withErrors([$this->field => $this->said()])
            ->with('refused', $request->has($this->field) ? null : $this->said());
    }

    /** An answer, not a fault: nothing to write into the log. */
    public function report(): bool
    {
        return true;
    }

    public function said(): string
    {
        return say("ui.refused.$this->reason", $this->parameters);
    }
}
