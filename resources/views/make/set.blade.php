@include('make.clock')
@if ($page->detail['isWhipped'])
    <details class="worked" @if (old('before', $page->detail['before']) !== null) open @endif>
        <summary>{{ __('make.cup_before_means') }}</summary>
        @include('make.cup', ['cups' => ['before']])
    </details>
@endif
<p class="hob-second">{{ __('make.set.asked') }}</p>
@if ($page->detail['felt'] !== null)
    <p class="hob-state" role="status">{{ __('make.set.then.' . $page->detail['felt']) }}</p>
@endif
@push('go')
    @foreach (['soft', 'hard'] as $feel)
        <button class="button button-quiet hob-go" name="do"
            value="{{ $feel }}">{{ __("make.set.$feel") }}</button>
    @endforeach
    <button class="button hob-go" name="do" value="dent">{{ __('make.set.dent') }}</button>
@endpush
