@if ($over !== null)
    <section class="over" role="alert" aria-labelledby="over-said">
        <h2 id="over-said">{{ $over->said }}</h2>
        <div class="over-way"><p>{{ __('make.over.take_out_means', ['grams' => $over->over]) }}</p><a class="button" href="{{ route('make.step', [$page->state->batch, $page->step->key]) }}">{{ __('make.over.take_out', ['grams' => $over->over]) }}</a></div>
        @if ($over->canRescale)<div class="over-way"><p>{{ __('make.over.rescale_means', ['batch' => $over->batchIfRescaled]) }}@if ($over->topUps !== []) {{ implode(', ', $over->topUps) }}.@endif</p><button class="button" name="do" value="rescale">{{ __('make.over.rescale') }}</button></div>@endif
        <div class="over-way"><p>{{ __('make.over.accept_means', ['share' => $over->shareIfAccepted]) }}</p>@if ($over->ifAccepted === [])<p>{{ __('make.over.accept_same') }}</p>@else<ul>@foreach ($over->ifAccepted as $note)<li class="sev-{{ $note['severity'] }}">{{ \App\Workroom\PencilNotes::mark($note['severity']) }} {{ $note['message'] }}</li>@endforeach</ul>@endif<button class="button button-quiet" name="do" value="accept">{{ __('make.over.accept') }}</button></div>
    </section>
@endif
@if ($page->detail['topUp'] !== '')<p class="hob-second">{{ $page->detail['topUp'] }}</p>@endif
@if ($page->detail['cumulative'] !== '')
    <p class="hob-second">{{ __('make.cumulative') }} <b>{{ $page->detail['cumulative'] }}</b> g</p>
@endif
<div class="dial">
    <button type="button" class="dial-step" data-by="-{{ $page->detail['by'] }}" aria-label="{{ __('make.less') }}">−</button>
    <label><span class="label">{{ __('make.weighed') }}</span>
        <span class="with-unit"><input name="weight" inputmode="decimal" value="{{ old('weight', $page->detail['last'] ?? $page->detail['target']) }}" @error('weight') aria-invalid="true" aria-describedby="problem-weight" @enderror> g</span></label>
    <button type="button" class="dial-step" data-by="{{ $page->detail['by'] }}" aria-label="{{ __('make.more') }}">+</button>
</div>
@error('weight')<p class="problem" id="problem-weight" role="alert">{{ $message }}</p>@enderror
@if ($page->detail['isDropped'])<label class="big-field"><span class="label">{{ __('make.drops_field') }}</span><input name="drops" inputmode="numeric" maxlength="4" value="{{ old('drops', $page->detail['drops']) }}" @error('drops') aria-invalid="true" aria-describedby="problem-drops" @enderror></label>@error('drops')<p class="problem" id="problem-drops" role="alert">{{ $message }}</p>@enderror @endif
@if ($page->detail['lots'] !== [])<label class="from-lot"><span class="label">{{ __('make.from') }}</span> <select name="lot">@foreach ($page->detail['lots'] as $code => $words)<option value="{{ $code }}" @selected((string) old('lot', $page->detail['lot']) === (string) $code)>{{ $words }}</option>@endforeach</select></label>@endif
@if ($page->detail['shift'] !== '')<p class="hob-spoon">{{ $page->detail['shift'] }}</p>@endif
@if ($page->detail['spoon'] !== '')<p class="hob-spoon">{{ $page->detail['spoon'] }}</p>@endif
<table class="hob-table">
    <caption>{{ __('words.phase.'.$page->step->phases[0]->value) }}</caption>
    @foreach ($page->detail['rows'] as $row)
        <tr @if ($row['now']) class="is-now" aria-current="true" @endif><th>{{ $row['name'] }}</th><td class="num">{{ $row['target'] }}</td><td class="num weighed">{{ $row['weighed'] === '' ? '' : $row['weighed'] }}</td></tr>
    @endforeach
</table>
@if ($over === null)@push('go')<button class="button hob-go">{{ __('make.thats_it') }}</button>@endpush @endif
