<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Exchange\Document;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Exchange\Json;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Measure\Amount;

/**
 * Reads and writes the open form ilvane.infusion-plan/1. Strict in: unknown keys and impossible values are refused with
 * their path.
 */
final class InfusionPlanDocument
{
    public const MAX_NAME = 120;

    public const MAX_PARTS = 20;

    private const MAX_EVENTS = 200;

    /** Ten years: nobody means more. */
    public const MAX_DAYS = 3650.0;

    public const MAX_MINUTES = 20_160.0;

    public const CELSIUS = [-20.0, 200.0];

    public const MAX_ML = 100_000.0;

    public const MAX_GRAMS = 100_000.0;

    private const FIELDS = [
        'format',
        'name',
        'plants',
        'oils',
        'jar_ml',
        'method',
        'temperature_c',
        'days',
        'minutes',
        'shake_every_days',
        'use',
        'events',
        'wished_strength',
    ];

    /** @throws DocumentRefused */
    public static function fromJson(string $json): InfusionPlan
    {
        return self::read(Json::decode($json));
    }

    /** @throws DocumentRefused */
    public static function read(mixed $decoded): InfusionPlan
    {
        $document = Document::open($decoded, '', self::FIELDS);
        if ($document->text('format', 40, required: true) !== InfusionPlan::FORMAT) {
            throw $document->refused('format', 'wrong_format', ['wanted' => InfusionPlan::FORMAT]);
        }
        /** @var Method $method */
        $method = $document->oneOf('method', Method::class, required: true);
        $days = $document->number('days', 0.0001, self::MAX_DAYS);
        $minutes = $document->number('minutes', 0.1, self::MAX_MINUTES);
        if ($days !== null && $minutes !== null) {
            throw $document->refused('minutes', 'days_or_minutes');
        }
        $lasts = $days ?? ($minutes === null ? $method->usualDays() : $minutes / Extraction::MINUTES_PER_DAY);

        return new InfusionPlan(
            name: $document->text('name', self::MAX_NAME, required: true) ?? '',
            plants: self::parts($document, 'plants', true),
            oils: self::parts($document, 'oils', false),
            jarMl: $document->number('jar_ml', 1, self::MAX_ML),
            method: $method,
            celsius: $document->number('temperature_c', ...self::CELSIUS) ?? $method->usualCelsius(),
            days: $lasts,
            inMinutes: $minutes !== null || ($days === null && $method->isHeated()),
            shakeEveryDays: $document->number('shake_every_days', 0, self::MAX_DAYS) ?? InfusionPlan::USUAL_RHYTHM,
            use: $document->oneOf('use', Application::class) ?? Application::LeaveOn,
            events: self::events($document, $lasts),
            wishedStrength: $document->number('wished_strength', 0.001, 1000),
            lastsUsual: $days === null && $minutes === null,
        );
    }

    /**
     * @return non-empty-list<PlanPart>
     *
     * @throws DocumentRefused
     */
    private static function parts(Document $document, string $key, bool $arePlants): array
    {
        $parts = [];
        foreach ($document->list($key, self::MAX_PARTS, required: true) as $i => $part) {
            $part = Document::open(
                $part,
                $document->at("$key/$i"),
                $arePlants ? ['ingredient', 'amount', 'form', 'fresh_g'] : ['ingredient', 'amount'],
            );
            $parts[] = new PlanPart(
                $part->text('ingredient', 80, required: true) ?? '',
                self::amount($part),
                $arePlants ? $part->oneOf('form', PlantForm::class) : null,
                $arePlants ? $part->number('fresh_g', 0.01, self::MAX_GRAMS) : null,
            );
        }

        return $parts === [] ? throw $document->refused($key, 'missing') : $parts;
    }

    private static function amount(Document $part): string
    {
        if (! is_array($part->raw('amount'))) {
            return $part->text('amount', 80, required: true) ?? '';
        }
        $amount = $part->object('amount', ['value', 'unit']);

        return Amount::plain($amount?->number('value', 0, 1_000_000) ?? 0.0).' '.$amount?->text(
            'unit',
            30,
            required: true,
        );
    }

    /**
     * @return list<OilMoved>
     *
     * @throws DocumentRefused
     */
    private static function events(Document $document, float $lasts): array
    {
        $events = [];
        foreach ($document->list('events', self::MAX_EVENTS) as $i => $event) {
            $event = Document::open($event, $document->at("events/$i"), ['day', 'take_out_g', 'top_up_g']);
            $day = $event->number('day', 0, self::MAX_DAYS) ?? throw $event->refused('day', 'missing');
            if ($day > $lasts) {
                throw $event->refused('day', 'after_the_end', ['most' => $lasts]);
            }
            $events[] = new OilMoved(
                $day,
                $event->number('take_out_g', 0, self::MAX_GRAMS) ?? 0.0,
                $event->number('top_up_g', 0, self::MAX_GRAMS) ?? 0.0,
            );
        }
        usort($events, static fn (OilMoved $a, OilMoved $b): int => $a->day <=> $b->day);

        return $events;
    }

    /** @return array<string, mixed> the open form */
    public static function write(InfusionPlan $plan): array
    {
        return array_filter([
            'format' => InfusionPlan::FORMAT,
            'name' => $plan->name,
            'plants' => array_map(
                static fn (PlanPart $part): array => array_filter([
                    'ingredient' => $part->ingredient,
                    'amount' => $part->amount,
                    'form' => $part->form?->value,
                    'fresh_g' => $part->freshGrams,
                ]),
                $plan->plants,
            ),
            'oils' => array_map(
                static fn (PlanPart $part): array => ['ingredient' => $part->ingredient, 'amount' => $part->amount],
                $plan->oils,
            ),
            'jar_ml' => $plan->jarMl,
            'method' => $plan->method->value,
            'temperature_c' => $plan->celsius,
            'days' => $plan->inMinutes ? null : $plan->days,
            'minutes' => $plan->inMinutes ? $plan->minutes() : null,
            'shake_every_days' => $plan->shakeEveryDays,
            'use' => $plan->use->value,
            'events' => $plan->events === []
                ? null
                : array_map(
                    static fn (OilMoved $event): array => [
                        'day' => $event->day,
                        'take_out_g' => $event->takenOut,
                        'top_up_g' => $event->toppedUp,
                    ],
                    $plan->events,
                ),
            'wished_strength' => $plan->wishedStrength,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
