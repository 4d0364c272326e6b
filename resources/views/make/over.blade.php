<section class="over" role="alert" aria-labelledby="over-said">
    <h2 id="over-said">{{ $over->said }}</h2>
    <div class="over-way">
        <p>{{ __('make.over.take_out_means', ['grams' => $over->over]) }}</p><a class="button"
            href="{{ route('make.step', [$page->state->batch, $page->step->key]) }}">{{ __('make.over.take_out',
            ['grams' => $over->over]) }}</a>
    </div>
    @if ($over->canRescale)
        <div class="over-way">
            <p>{{ __('make.over.rescale_means', ['batch' => $over->batchIfRescaled]) }}@if ($over->topUps !== [])
                    {{ implode(', ', $over->topUps) }}.
                @endif
            </p>
            <button class="button" name="do" value="rescale">{{ __('make.over.rescale') }}</button>
        </div>
    @endif
    <div class="over-way">
        <p>{{ __('make.over.accept_means', ['share' => $over->shareIfAccepted]) }}</p>
        @if ($over->ifAccepted === [])
        <p>{{ __('make.over.accept_same') }}</p>@else<ul>
                @foreach ($over->ifAccepted as $note)
                    <li class="sev-{{ $note['severity'] }}">{{ \App\Ground\PencilNotes::mark($note['severity']) }}
                        {{ $note['message'] }}</li>
                @endforeach
            </ul>
        @endif
        <button class="button button-quiet" name="do" value="accept">{{ __('make.over.accept') }}</button>
    </div>
</section>
