<p class="hob-note">{{ __('make.cup_after_means') }}</p>
<div class="two-fields">@include('make.cup', ['cups' => ['after']])</div>
<p class="hob-second">{{ $page->detail['overrun'] }}</p>
@push('go')
    <button class="button button-quiet hob-go" name="do" value="note">{{ __('make.note_cup') }}</button>
@endpush
@include('make.timer')
