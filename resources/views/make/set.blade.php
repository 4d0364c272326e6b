@if ($page->step->seconds !== null)
    @include('make.clock')
@endif
<p class="hob-second">{{ __('make.set.asked') }}</p>
@if ($page->detail['felt'] !== null)<p class="hob-state" role="status">{{ __('make.set.then.'.$page->detail['felt']) }}</p>@endif
@push('go')
    @foreach (['soft', 'hard'] as $feel)<button class="button button-quiet hob-go" name="do" value="{{ $feel }}">{{ __("make.set.$feel") }}</button>@endforeach
    <button class="button hob-go" name="do" value="dent">{{ __('make.set.dent') }}</button>
@endpush
