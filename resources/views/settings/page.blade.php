<x-page :title="__('settings.title')" body="on-settings">
    <h1>{{ __('settings.title') }}</h1>
    <form method="post" action="{{ route('settings.language') }}" class="settings settings-line" id="language">@csrf
        <fieldset>
            <legend class="label">Language · Langue</legend>
            @foreach (__('settings.languages') as $language => $word)
                <button class="button @if ($language !== App::getLocale()) button-quiet @endif" name="language"
                    value="{{ $language }}" lang="{{ $language }}"
                    @if ($language === App::getLocale()) aria-current="true" @endif>{{ $word }}</button>
            @endforeach
        </fieldset>
    </form>
    @if (config('ilvane.room') !== '')
        <section class="settings" id="rooms">
            <h2>{{ __('ui.rooms.both') }}</h2>
            <p>{{ __('ui.rooms.both_' . config('ilvane.room')) }}
                <x-other-room>{{ __(config('ilvane.room') === 'demo'
                    ? 'ui.rooms.to_mine'
                    : 'ui.rooms.to_sample') }}</x-other-room>
            </p>
        </section>
    @endif
    <form method="post" action="{{ route('settings.keep') }}" class="settings" novalidate>
        @csrf
        <section>
            <h2>{{ __('settings.units') }}</h2>
            <p>{{ __('settings.units_why') }}</p>
            <label><span class="label">{{ __('settings.units_label') }}</span>
                <select name="units">
                    @foreach (__('settings.systems') as $value => $word)
                        <option value="{{ $value }}"
                            @selected(old('units', $values['units']) === $value)>{{ $word }}</option>
                    @endforeach
                </select>
            </label>
            @error('units')
                <p class="problem" role="alert">{{ $message }}</p>
            @enderror
        </section>
        <section>
            <h2>{{ __('settings.drop') }}</h2>
            <p>{{ __('settings.drop_why') }}</p>
            <p class="settings-line">
                @foreach (['drops', 'drops_grams'] as $field)
                    <label><span class="label">{{ __("settings.$field") }}</span><input name="{{ $field }}"
                            inputmode="decimal" value="{{ old($field, $values[$field]) }}"
                            @invalid($field)></label>
                @endforeach
                <label><span class="label">{{ __('settings.drops_of') }}</span><input class="wide" name="drops_of"
                        value="{{ old('drops_of', $values['drops_of']) }}"
                        placeholder="{{ __('settings.water') }}"></label>
            </p>
            @foreach (['drops', 'drops_grams', 'drops_of'] as $field)
                <x-problem :for="$field" />
            @endforeach
            <p class="settings-now">
                {{ $drop === null ? __('settings.drop_default') : __('settings.drop_now', ['ml' => $drop]) }}</p>
        </section>
        <section>
            <h2>{{ __('settings.spoons') }}</h2>
            <p>{{ __('settings.spoons_why') }}</p>
            <p class="settings-line">
                @foreach (['tablespoon', 'teaspoon'] as $field)
                    <label><span class="label">{{ __("settings.$field") }}</span><span class="with-unit"><input
                                name="{{ $field }}" inputmode="decimal"
                                value="{{ old($field, $values[$field]) }}"
                                @invalid($field)>
                            g</span></label>
                @endforeach
            </p>
            @foreach (['tablespoon', 'teaspoon'] as $field)
                <x-problem :for="$field" />
            @endforeach
        </section>
        @if ($pieces !== [])
            <section>
                <h2>{{ __('settings.pieces') }}</h2>
                <p>{{ __('settings.pieces_why') }}</p>
                @foreach ($pieces as $piece)
                    <p class="settings-line">
                        <label><span class="label">{{ $piece['name'] }}</span><span class="with-unit"><input
                                    name="weighs[{{ $piece['key'] }}][{{ $piece['piece'] }}]" inputmode="decimal"
                                    value="{{ old("weighs.{$piece['key']}.{$piece['piece']}", $piece['grams']) }}"
                                    @invalid("weighs.{$piece['key']}.{$piece['piece']}")> g</span></label>
                    </p>
                    <x-problem :for="'weighs.' . $piece['key'] . '.' . $piece['piece']" />
                @endforeach
            </section>
        @endif
        <button class="button">{{ __('settings.keep') }}</button>
    </form>
    <form method="post" action="{{ route('settings.kitchen') }}" class="settings" id="kitchen" novalidate>
        @csrf
        <section>
            <h2>{{ __('ui.kitchen.title') }}</h2>
            <p>{{ __('ui.kitchen.why') }}</p>
            <p class="settings-line">
                @foreach (['room_c', 'fridge_c', 'altitude_m', 'scale'] as $field)
                    <label><span class="label">{{ __("ui.kitchen.$field") }}</span><input name="{{ $field }}"
                            inputmode="decimal" maxlength="10" value="{{ old($field, $kitchen[$field]) }}"
                            placeholder="{{ __("ui.kitchen.usual.$field") }}"
                            @error($field) aria-invalid="true" aria-describedby="problem-kitchen-{{ $field }}"
                            @enderror></label>
                @endforeach
                <label><span class="label">{{ __('ui.kitchen.region') }}</span><select name="region">
                        @foreach (['' => __('ui.kitchen.each_time')] + (array) __('words.region') as $value => $word)
                            <option value="{{ $value }}"
                                @selected(old('region', $kitchen['region']) === $value)>{{ $word }}
                            </option>
                        @endforeach
                    </select>
                </label>
                <label><span class="label">{{ __('make.first.thermometer') }}</span><select name="thermometer">
                        @foreach (['' => 'not_known', 'yes' => 'yes', 'no' => 'no'] as $is => $word)
                            <option value="{{ $is }}"
                                @selected(old('thermometer', $kitchen['thermometer']) === $is)>
                                {{ __("make.first.$word") }}</option>
                        @endforeach
                    </select>
                </label>
            </p>
            @foreach (['room_c', 'fridge_c', 'altitude_m', 'scale'] as $field)
                @error($field)
                    <p class="problem" id="problem-kitchen-{{ $field }}" role="alert">{{ $message }}</p>
                @enderror
            @endforeach
            <p class="settings-line">
                @foreach (['water', 'oil'] as $pot)
                    <label><span class="label">{{ __("ui.kitchen.$pot") }}</span><select name="{{ $pot }}">
                            <option value="">{{ __('ui.kitchen.by_size') }}</option>
                            @foreach ($vessels as $key => $name)
                                <option value="{{ $key }}" @selected(old($pot, $kitchen[$pot]) === $key)>{{ $name }}
                                </option>
                            @endforeach
                        </select>
                    </label>
                @endforeach
            </p>
        </section>
        <button class="button">{{ __('settings.keep') }}</button>
    </form>
    <form method="post" action="{{ route('settings.money') }}" class="settings" id="money">
        @csrf
        <section>
            <h2>{{ __('ui.money.title') }}</h2>
            <p>{{ __('ui.money.why') }}</p>
            <label><span class="label">{{ __('ui.money.sign') }}</span><input name="sign"
                    maxlength="{{ \App\Ground\OwnMoney::LONGEST }}"
                    value="{{ old('sign', \App\Ground\OwnMoney::sign()) }}" placeholder="€"></label>
        </section>
        <button class="button">{{ __('settings.keep') }}</button>
    </form>
    <form method="post" action="{{ route('settings.instruments') }}" class="settings" id="instruments" novalidate>
        @csrf
        <section>
            <h2>{{ __('make.settings.title') }}</h2>
            <p>{{ __('make.settings.why') }}</p>
            <label><span class="label">{{ __('make.settings.port') }}</span><input name="port" inputmode="numeric"
                    maxlength="5" value="{{ old('port', $port) }}" placeholder="8049"
                    @invalid('port')></label>
            <x-problem for="port" />
        </section>
        <button class="button">{{ __('make.settings.keep') }}</button>
    </form>
    <section class="settings">
        <h2>{{ __('backups.title') }}</h2>
        <p>{{ __('backups.why') }}</p>
        <p><a class="button button-quiet" href="{{ route('backups') }}">{{ __('backups.title') }}</a></p>
    </section>
    <section class="settings" id="access">
        <h2>{{ __('access.title') }}</h2>
        <p>{{ __('access.why') }} {{ __('access.plain') }}</p>
        <p class="settings-now">{{ __($access['hasPassphrase'] ? 'access.is_set' : 'access.is_not') }}
            @if ($access['hasPassphrase'])
                <a href="{{ route('phone', ['to' => '/']) }}">{{ __('access.phone_title') }}</a>
            @endif
        </p>
        @if ($access['isHere'])
            <form method="post" action="{{ route('settings.passphrase') }}" novalidate>
                @csrf
                <label><span
                        class="label">{{ __('access.new',
                        ['letters' => (string) \App\Access\AccessControl::SHORTEST]) }}</span><input
                        class="wide" type="password" name="passphrase" autocomplete="new-password"
                        @invalid('passphrase')></label>
                <x-problem for="passphrase" />
                <p><button class="button">{{ __('access.keep') }}</button>
                    @if ($access['hasPassphrase'])
                        <button class="link" name="do" value="close">{{ __('access.close') }}</button>
                    @endif
                </p>
            </form>
        @endif
        @forelse ($access['devices'] as $device)
            <p class="taught"><b>{{ $device['name'] }}</b> {{ $device['words'] }} <button class="link"
                    form="end-{{ $device['id'] }}">{{ __('access.end') }}</button></p>
            <form id="end-{{ $device['id'] }}" method="post" action="{{ route('device.end', $device['id']) }}">
            @csrf</form>@empty<p>{{ __('access.nobody') }}</p>
        @endforelse
    </section>
    <section class="settings" id="taught">
        <h2>{{ __('make.taught.title') }}</h2>
        <p>{{ __('make.taught.why') }}</p>
        @foreach ($taught as $learned)
            <form method="post" action="{{ route('settings.learned') }}" class="taught">
                @csrf
                <input type="hidden" name="what" value="{{ $learned['what'] }}">
                <b>{{ $learned['label'] }}</b>
                <span>{{ $learned['words'] }}@if ($learned['pinned'] !== '')
                        <strong>{{ __('make.taught.pinned', ['value' => $learned['pinned']]) }}</strong>
                    @endif
                </span>
                @if ($learned['pinned'] !== '')
                    <button class="link" name="do" value="unpin">{{ __('make.taught.unpin') }}</button>
                @elseif ($learned['value'] !== null)
                    <button class="link" name="do" value="pin">{{ __('make.taught.pin') }}</button>
                @endif
                @if ($learned['isOwn'])
                    <button class="link" name="do" value="forget">{{ __('make.taught.forget') }}</button>
                @endif
            </form>
        @endforeach
        @if ($drop !== null)
            <p class="taught">{{ __('make.taught.drop', ['ml' => $drop]) }}</p>
        @endif
    </section>
    <form method="post" action="{{ route('settings.hair') }}" class="settings" id="hair">
        @csrf
        <section>
            <h2>{{ __('hair.title') }}</h2>
            <p>{{ __('hair.why') }}</p>
            <p class="settings-line">
                @foreach (['strand' => $hair->strand, 'porosity' => $hair->porosity] as $field => $chosen)
                    <label><span class="label">{{ __("hair.fields.$field") }}</span><select
                            name="{{ $field }}">
                            @foreach (__("hair.$field") as $value => $word)
                                <option value="{{ $value }}" @selected($chosen === $value)>
                                    {{ $word }}</option>
                            @endforeach
                        </select>
                    </label>
                @endforeach
            </p>
            <fieldset class="ticks">
                <legend class="label">{{ __('hair.fields.dislikes') }}</legend>
                @foreach (__('hair.dislikes') as $value => $word)
                    <label><input type="checkbox" name="dislikes[]" value="{{ $value }}"
                            @checked(in_array($value, $hair->dislikes, true))> {{ $word }}</label>
                @endforeach
            </fieldset>
            <fieldset class="ticks">
                <legend class="label">{{ __('hair.fields.avoids') }}</legend>
                @foreach (__('words.allergen') as $value => $word)
                    <label><input type="checkbox" name="avoids[]" value="{{ $value }}"
                            @checked(in_array($value, array_column($hair->avoids, 'value'), true))> {{ $word }}</label>
                @endforeach
            </fieldset>
        </section>
        <button class="button">{{ __('hair.keep') }}</button>
    </form>
</x-page>
