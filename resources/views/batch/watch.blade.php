<section class="watch" id="watch">
    <h2>{{ __('watch.title') }}</h2>
    <p>{{ __('watch.why') }}</p>
    <div class="scrolled" tabindex="0" role="group" aria-label="{{ __('watch.title') }}">
        <table class="plain watch-table">
            <thead><tr><th></th>@foreach ($watch->rows[0]['cells'] as $cell)<th scope="col">{{ __('watch.day', ['day' => $cell['day']]) }}</th>@endforeach</tr></thead>
            <tbody>
                @foreach ($watch->rows as $row)
                    <tr><th scope="row">{{ $row['name'] }}</th>
                        @foreach ($row['cells'] as $cell)
                            <td class="watch-cell {{ $cell['seen'] ? ($cell['look'] === 'sound' ? 'is-sound' : 'is-bad') : '' }}"><b>{{ $cell['seen'] ? __("watch.looks.{$cell['look']}") : '' }}</b><span class="unseen-word">{{ $cell['seen'] ? '' : __('watch.not_yet') }}</span>@if ($row['place'] !== 'room') <small>{{ __('watch.as', ['days' => $cell['means']]) }}</small>@endif</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($watch->said !== '')<p class="watch-said @if ($watch->hasFailed) is-urgent @endif">{{ $watch->said }} @if ($watch->hasFailed){{ __('watch.shorter') }}@endif</p>@endif
    @if ($watch->next !== '')<p>{{ $watch->next }}</p>@endif
    <form method="post" action="{{ route('watch.saw', $batch) }}" class="watch-form" enctype="multipart/form-data" novalidate>
        @csrf
        <input type="hidden" name="client_key" value="{{ \Illuminate\Support\Str::uuid() }}">
        <label><span class="label">{{ __('watch.where') }}</span><select name="place">@foreach ($watch->rows as $row)<option value="{{ $row['place'] }}" @selected(old('place', 'room') === $row['place'])>{{ $row['name'] }}</option>@endforeach</select></label>
        <label><span class="label">{{ __('watch.how') }}</span><select name="look">@foreach (__('watch.looks') as $look => $word)<option value="{{ $look }}" @selected(old('look') === $look)>{{ $word }}</option>@endforeach</select></label>
        <label><span class="label">{{ __('watch.note') }}</span><input name="note" maxlength="500" value="{{ old('note') }}"></label>
        <label><span class="label">{{ __('watch.when') }}</span><input name="when" maxlength="20" value="{{ old('when') }}" placeholder="2026-11-23" @error('when') aria-invalid="true" aria-describedby="problem-when" @enderror>@error('when')<span class="problem" id="problem-when" role="alert">{{ $message }}</span>@enderror</label>
        <label><span class="label">{{ __('watch.ph') }}</span><input name="ph" inputmode="decimal" maxlength="5" value="{{ old('ph') }}" @error('ph') aria-invalid="true" aria-describedby="problem-ph" @enderror>@error('ph')<span class="problem" id="problem-ph" role="alert">{{ $message }}</span>@enderror</label>
        <label><span class="label">{{ __('watch.picture') }}</span><input type="file" name="picture" accept="image/jpeg,image/png,image/webp" @error('picture') aria-invalid="true" aria-describedby="problem-picture" @enderror>@error('picture')<span class="problem" id="problem-picture" role="alert">{{ $message }}</span>@enderror</label>
        <button class="button">{{ __('watch.do') }}</button>
    </form>
    @if ($watch->seen !== [])
        <ul class="watch-seen">@foreach ($watch->seen as $seen)<li>{{ $seen['day'] }}, {{ $seen['place'] }}: <b>{{ $seen['look'] }}</b>@if ($seen['ph'] !== ''), pH {{ $seen['ph'] }}@endif @if ($seen['note'] !== ''), {{ $seen['note'] }}@endif @foreach ($seen['photos'] as $photo)<a href="{{ route('photo', $photo) }}"><img class="watch-photo" src="{{ route('photo', $photo) }}" alt="{{ $seen['day'] }}, {{ $seen['place'] }}" loading="lazy"></a>@endforeach
            <form method="post" action="{{ route('watch.undo', [$batch, $seen['id']]) }}">@csrf<input type="hidden" name="client_key" value="{{ \Illuminate\Support\Str::uuid() }}"><button class="link">{{ __('watch.undo') }}</button></form></li>@endforeach</ul>
    @endif
    <p class="quiet">{{ __('watch.basis') }}</p>
</section>
