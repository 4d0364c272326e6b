<section class="watch" id="watch">
    <h2>{{ __('observations.title') }}</h2>
    <p>{{ __('observations.why') }}</p>
    <div class="scrolled" tabindex="0" role="group" aria-label="{{ __('observations.title') }}">
        <table class="plain watch-table">
            <thead>
                <tr>
                    <th></th>
                    @foreach ($watch->rows[0]['cells'] as $cell)
                        <th scope="col">{{ __('observations.day', ['day' => $cell['day']]) }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($watch->rows as $row)
                    <tr>
                        <th scope="row">{{ $row['name'] }}</th>
                        @foreach ($row['cells'] as $cell)
                            <td
                                class="watch-cell
                                {{ $cell['seen'] ? ($cell['look'] === 'sound' ? 'is-sound' : 'is-bad') : '' }}">
                                <b>{{ $cell['seen'] ? __("observations.looks.{$cell['look']}") : '' }}</b><span
                                    class="unseen-word">{{ $cell['seen'] ? '' : __('observations.not_yet') }}</span>
                                @if ($row['place'] !== 'room')
                                    <small>{{ __('observations.as', ['days' => $cell['means']]) }}</small>
                                @endif
                            </td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($watch->said !== '')
        <p class="watch-said @if ($watch->hasFailed) is-urgent @endif">{{ $watch->said }} @if ($watch->hasFailed)
                {{ __('observations.shorter') }}
            @endif
        </p>
    @endif
    @if ($watch->next !== '')
        <p>{{ $watch->next }}</p>
    @endif
    <form method="post" action="{{ route('observations.saw', $batch) }}#watch" class="watch-form"
        enctype="multipart/form-data" novalidate>
        @csrf
        <input type="hidden" name="client_key" value="{{ \Illuminate\Support\Str::uuid() }}">
        <label><span class="label">{{ __('observations.where') }}</span><select name="place">
                @foreach ($watch->rows as $row)
                    <option value="{{ $row['place'] }}"
                        @selected(old('place', 'room') === $row['place'])>{{ $row['name'] }}</option>
                @endforeach
            </select>
        </label>
        <label><span class="label">{{ __('observations.how') }}</span><select name="look">
                @foreach (__('observations.looks') as $look => $word)
                    <option value="{{ $look }}" @selected(old('look') === $look)>{{ $word }}</option>
                @endforeach
            </select>
        </label>
        <label><span class="label">{{ __('observations.note') }}</span><input name="note" maxlength="500"
                value="{{ old('note') }}"></label>
        <label><span class="label">{{ __('observations.when') }}</span><input name="when" maxlength="20"
                value="{{ old('when') }}" placeholder="2026-11-23"
                @invalid('when')>
            @error('when')
                <span class="problem" id="problem-when" role="alert">{{ $message }}</span>
            @enderror
        </label>
        <label><span class="label">{{ __('observations.ph') }}</span><input name="ph" inputmode="decimal"
                maxlength="5" value="{{ old('ph') }}"
                @invalid('ph')>
            @error('ph')
                <span class="problem" id="problem-ph" role="alert">{{ $message }}</span>
            @enderror
        </label>
        <label><span class="label">{{ __('observations.picture') }}</span><input type="file" name="picture"
                accept="image/jpeg,image/png,image/webp"
                @invalid('picture')>
            @error('picture')
                <span class="problem" id="problem-picture" role="alert">{{ $message }}</span>
            @enderror
        </label>
        <button class="button">{{ __('observations.do') }}</button>
    </form>
    @if ($watch->seen !== [])
        <ul class="watch-seen">
            @foreach ($watch->seen as $seen)
                <li>{{ $seen['day'] }}, {{ $seen['place'] }}: <b>{{ $seen['look'] }}</b>{{
                        $seen['ph'] === '' ? '' : ", pH {$seen['ph']}" }}{{
                        $seen['note'] === '' ? '' : ", {$seen['note']}" }}
                    @foreach($seen['photos'] as $photo)
                                <a href="{{ route('photo', $photo) }}"><img class="watch-photo"
                                        src="{{ route('photo', $photo) }}"
                                        alt="{{ $seen['day'] }}, {{ $seen['place'] }}" loading="lazy"></a>
                            @endforeach
                            <form method="post"
                                action="{{ route('observations.undo', [$batch, $seen['id']]) }}#watch">@csrf<input
                                    type="hidden" name="client_key"
                                    value="{{ \Illuminate\Support\Str::uuid() }}"><button
                                    class="link">{{ __('observations.undo') }}</button></form>
                </li>
            @endforeach
        </ul>
    @endif
    <p class="quiet">{{ __('observations.basis') }}</p>
</section>
