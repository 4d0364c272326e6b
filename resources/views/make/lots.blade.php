@if ($page->detail['lots'] !== [])
    <label class="from-lot"><span class="label">{{ __('make.from') }}</span>
        <select name="lot" @invalid('lot')>
            @foreach ($page->detail['lots'] as $code => $words)
                <option value="{{ $code }}" @selected($page->detail['lot'] === (string) $code)>{{ $words }}</option>
            @endforeach
        </select></label>
    <x-problem for="lot" />
    @foreach ($page->detail['rest'] as $i => $rest)
        <label class="from-lot"><span class="label">{{ $rest['asks'] }}</span>
            <select name="rest[]"
                @if ($errors->has('rest') && $loop->last) aria-invalid="true" aria-describedby="problem-rest" @endif>
                @if ($rest['code'] === '?')
                    <option value="?" selected>{{ __('make.choose') }}</option>
                @endif
                @foreach ($page->detail['lots'] as $code => $words)
                    @if ($code === '' || $code !== $rest['last'])
                        <option value="{{ $code }}" @selected($rest['code'] === (string) $code)>
                            {{ $code === '' ? __('make.no_lot') : $words }}</option>
                    @endif
                @endforeach
                <option value="{{ \App\Make\FromLot::HELD_MORE }}"
                    @selected($rest['code'] === \App\Make\FromLot::HELD_MORE)>
                    {{ __('make.lot_held_more', ['code' => $rest['last']]) }}</option>
            </select></label>
    @endforeach
    <x-problem for="rest" />
    @if (session('ask_lot'))
        <label class="from-lot"><span class="label">{{ __('make.lot_why') }}</span><input name="reason"
                maxlength="300" value="{{ old('reason') }}"></label>
    @endif
@endif
