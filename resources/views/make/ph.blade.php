@include('make.reading', ['reading' => $page->readings[0]])
@if ($page->detail['far'] !== '')
    <p class="hob-state">{{ $page->detail['far'] }}</p>
@endif
@if (session('dose'))
    <p class="hob-state is-ready" role="status">{{ session('dose') }}</p>
@endif
<details class="worked"
    @if ($page->detail['far'] !== '' || old('tried') !== null || $errors->hasAny(['sample', 'tried'])) open @endif>
    <summary>{{ __('make.sample_work') }}</summary>
    <p class="hob-note">{{ __('make.sample_how') }}</p>
    <label class="big-field"><span class="label">{{ __('make.sample_tried') }}</span><input class="wide"
            name="tried" value="{{ old('tried') }}" placeholder="{{ __('ui.acidity.added_hint') }}"
            @invalid('tried')></label>
    <x-problem for="tried" />
    <button class="button button-quiet" name="do" value="work">{{ __('make.sample_scale') }}</button>
    <p class="hob-note"><a href="{{ $page->detail['work'] }}">{{ __('make.ph_work') }}</a></p>
</details>
<div class="two-fields">
    @foreach (['sample', 'dose'] as $field)
        <label class="big-field"><span class="label">{{ __("make.ph_$field") }}</span><input
                name="{{ $field }}" inputmode="decimal" value="{{ old($field) }}"
                @invalid($field)></label>
        <x-problem :for="$field" />
    @endforeach
</div>
@if ($page->detail['readings'] !== [])
    <p class="hob-readings"><span class="label">{{ __('make.written') }}</span>
        {{ implode(' · ', $page->detail['readings']) }}</p>
@endif
<p class="hob-note">{{ __('make.ph_without') }}</p>
@push('go')
    <button class="button button-quiet hob-go" name="do" value="skip">{{ __('make.skip_ph') }}</button>
    <button class="button button-quiet hob-go" name="do" value="note">{{ __('make.ph_again') }}</button>
    <button class="button hob-go" name="do" value="on">{{ __('make.note') }}</button>
@endpush
