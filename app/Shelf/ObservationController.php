<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Picture;
use App\Ground\Refused;
use App\Ground\Typed;
use App\Ground\TypedTime;
use App\Models\Batch;
use App\Models\Observation;
use App\Models\Photo;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;

final class ObservationController
{
    public function __construct(private readonly ObservationBook $book, private readonly TypedTime $typedTime)
    {
    }

    public function saw(Request $request, Batch $batch): RedirectResponse
    {
        abort_unless($batch->isFinished(), 404);
        $at = $this->typedTime->at(
            Typed::text($request, 'when', 20),
            ($batch->finished_at ?? Carbon::now())->copy()->startOfDay(),
        );
        $this->book->saw(
            $batch,
            Typed::text($request, 'place', 10),
            Typed::text($request, 'look', 10),
            Typed::text($request, 'note'),
            $at,
            Typed::key($request),
            Typed::decimal($request, 'ph')
                ?? (trim(Typed::text($request, 'ph')) === '' ? null : throw Refused::noPh('ph')),
            self::picture($request),
        );

        return redirect()->to(route('batch', $batch).'#watch')->with('said', say('observations.done'));
    }

    public function photo(Photo $photo): Response
    {
        return Picture::answer($photo->bytes, $photo->type);
    }

    /** @throws Refused when something was sent that can't be read */
    private static function picture(Request $request): ?Picture
    {
        $file = $request->file('picture');

        return match (true) {
            $file === null => null,
            $file instanceof UploadedFile => Picture::of($file, 'picture'),
            default => throw Refused::noPicture('picture'),
        };
    }

    public function undo(Request $request, Batch $batch, Observation $observation): RedirectResponse
    {
        abort_unless($observation->batch_id === $batch->id && $observation->undoes === null, 404);
        $this->book->undo($batch, $observation, Typed::key($request));

        return redirect()->to(route('batch', $batch).'#watch')->with('said', say('observations.done'));
    }
}
