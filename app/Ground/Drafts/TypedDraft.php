<?php

declare(strict_types=1);

namespace App\Ground\Drafts;

/**
 * Something being written on a page, exactly as typed, that can be told apart field by field. Fields go by path:
 * "name",
 * "rest/packaging", "line/KEY" (what the row names; absent when the row is gone), "line/KEY/amount".
 */
interface TypedDraft
{
    /**
     * The draft with the fields a form holds. A field the form does not hold stays as it is.
     *
     * @param  array<mixed>  $form
     */
    public function withForm(array $form): static;

    /** @return array<string, mixed> value by path */
    public function fields(): array;

    /** @return list<string> the paths of its rows ("line/KEY"), in the order shown */
    public function order(): array;

    /**
     * @param  array<string, mixed>  $fields  value by path; rows whose path is missing are gone
     * @param  list<string>  $order  paths of rows
     */
    public function withFields(array $fields, array $order): static;

    public function name(): string;

    /** @return array<string, mixed> as the database keeps it */
    public function toStored(): array;
}
