<?php

declare(strict_types=1);

namespace App\Today;

use App\Models\Jar;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class CalendarController
{
    public function __construct(private readonly CalendarFile $calendarFile)
    {
    }

    public function jar(Jar $jar): Response
    {
        abort_unless($jar->isStanding(), 404);

        return self::answer($this->calendarFile->ofJar($jar), "$jar->code.ics");
    }

    public function file(): Response
    {
        return self::answer($this->calendarFile->all(), 'workroom.ics');
    }

    /** For calendars that ask by themselves: whoever knows the token may read. */
    public function feed(string $token): Response
    {
        $own = CalendarFile::token();
        abort_if($own === null || ! hash_equals($own, $token), 404);

        return self::answer($this->calendarFile->all());
    }

    public function make(): RedirectResponse
    {
        CalendarFile::newAddress();

        return redirect()->to(route('today').'#calendar');
    }

    private static function answer(string $calendar, ?string $name = null): Response
    {
        return response(
            $calendar,
            200,
            [
                'Content-Type' => 'text/calendar; charset=utf-8',
                ...($name === null ? [] : ['Content-Disposition' => "attachment; filename=\"$name\""]),
            ],
        );
    }
}
