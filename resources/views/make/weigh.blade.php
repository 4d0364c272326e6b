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
@if ($page->detail['shift'] !== '')<p class="hob-spoon">{{ $page->detail['shift'] }}</p>@endif
@if ($page->detail['spoon'] !== '')<p class="hob-spoon">{{ $page->detail['spoon'] }}</p>@endif
<table class="hob-table">
    <caption>{{ __('words.phase.'.$page->step->phases[0]->value) }}</caption>
    @foreach ($page->detail['rows'] as $row)
        <tr @if ($row['now']) class="is-now" aria-current="true" @endif><th>{{ $row['name'] }}</th><td class="num">{{ $row['target'] }}</td><td class="num weighed">{{ $row['weighed'] === '' ? '' : $row['weighed'] }}</td></tr>
    @endforeach
</table>
@push('go')<button class="button hob-go">{{ __('make.thats_it') }}</button>@endpush
