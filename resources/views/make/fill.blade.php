<p class="hob-second">
    {{ __('make.went_in', ['grams' => $page->detail['in']]) }}</p>
@include('make.reading', ['reading' => $page->readings[0]])
@php($isMoulds = $page->state->formula->family === \Ilvane\Core\Formula\Family::FrozenBar)
<label class="big-field"><span class="label">{{ __($isMoulds ? 'make.moulds_field' : 'make.containers_field') }}</span>
    <span class="with-unit"><input name="containers" inputmode="numeric"
            value="{{ old('containers', $page->state->formula->containerCount) }}"
            @invalid('containers')>
        {{ __($isMoulds ? 'make.moulds' : 'make.containers') }}</span></label>
<x-problem for="containers" />
<details class="worked" @if ((old('tare') !== null && old('tare') !== '') || $errors->has('tare')) open @endif>
    <summary>{{ __('make.tare_ask') }}</summary>
    <label class="big-field"><span class="label">{{ __('make.tare_field') }}</span>
        <span class="with-unit"><input name="tare" inputmode="decimal" value="{{ old('tare') }}"
                @invalid('tare')> g</span></label>
    <x-problem for="tare" />
</details>
@include('make.fill-split')
@if ($page->undone !== [])
    <section class="undone" id="undone" @if (session('ask_undone')) role="alert" @endif>
        <h2>{{ trans_choice('make.undone', count($page->undone)) }}</h2>
        <ul>
            @foreach ($page->undone as $step)
                <li><a href="{{ route('make.step', [$page->state->batch, $step['key']]) }}">{{ $step['label'] }}</a>
                </li>
            @endforeach
        </ul>
        <label class="sure"><input type="checkbox" name="without" value="1" @checked(old('without'))>
            {{ __('make.undone_sure') }}</label>
    </section>
@endif
@if (session('ask_sure'))
    <label class="sure"><input type="checkbox" name="sure" value="1"> {{ __('make.sure') }}</label>
@endif
@error('when')
    <p class="problem" role="alert">{{ $message }}</p>
@enderror
@if (session('ask_when'))
    <label class="sure"><input type="checkbox" name="when_sure" value="1"> {{ __('make.when_sure') }}</label>
@endif
@push('go')
    <button class="button hob-go">{{ __('make.finish') }}</button>
@endpush
