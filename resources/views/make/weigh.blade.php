@if ($over !== null)
    @include('make.over')
@endif
@if ($page->detail['topUp'] !== '')
    <p class="hob-second">{{ $page->detail['topUp'] }}</p>
@endif
@if ($page->detail['cumulative'] !== '' && !$page->detail['isDropped'])
    <p class="hob-second" data-only-online>{{ __('make.cumulative') }} <b>{{ $page->detail['cumulative'] }}</b> g</p>
@endif
@if ($page->detail['isDropped'])
    <label class="big-field"><span class="label">{{ __('make.drops_field') }}</span>
        <input name="drops" inputmode="numeric" maxlength="4" value="{{ old('drops', $page->detail['drops']) }}"
            @invalid('drops')></label>
    <x-problem for="drops" />
    @if ($page->detail['dropsGrams'] !== '')
        <p class="hob-spoon">{{ $page->detail['dropsGrams'] }}</p>
    @endif
@endif
@include('make.reading', ['reading' => $page->readings[0]])
<p class="hob-note" id="weigh-means">
    {{ $page->detail['state'] === ''
        ? __('make.weigh_means')
        : __('make.told_so_far', ['state' => $page->detail['state']]) }}
</p>
@include('make.lots')
@if ($page->detail['shift'] !== '' && !$page->detail['isDropped'])
    <p class="hob-spoon">{{ $page->detail['shift'] }}</p>
@endif
@if ($page->detail['spoon'] !== '')
    <p class="hob-spoon">{{ $page->detail['spoon'] }}</p>
@endif
<table class="hob-table">
    <caption>{{ __('words.phase.' . $page->step->phases[0]->value) }}</caption>
    @foreach ($page->detail['rows'] as $row)
        <tr @if ($row['now']) class="is-now" aria-current="true" @endif>
            <th>{{ $row['name'] }}</th>
            <td class="num">{{ $row['target'] }}</td>
            <td class="num weighed">{{ $row['taken'] }}</td>
        </tr>
    @endforeach
</table>
@if ($over === null)
    @push('go')
        @if ($page->detail['mayBeLittle'])
            <button class="button button-quiet hob-go" name="do" value="little">{{ __('make.little.begin') }}</button>
        @endif
        <button class="button button-quiet hob-go" name="do" value="not_done">{{ __('make.not_added') }}</button>
        <button class="button hob-go" aria-describedby="weigh-means">{{ __('make.thats_it') }}</button>
    @endpush
@endif
