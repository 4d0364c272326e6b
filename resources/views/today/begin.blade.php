<form method="post" action="{{ route('formula.begin') }}" class="begin">
    @csrf
    <label><span class="label">{{ __('ui.bench.family') }}</span>
        <select name="family">
            @foreach (\Ilvane\Core\Formula\Family::cases() as $family)
                <option value="{{ $family->value }}"
                    @selected($family === \Ilvane\Core\Formula\Family::LeaveInEmulsion)>
                    {{ __('words.family.' . $family->value) }}</option>
            @endforeach
        </select>
    </label>
    <button class="button">{{ __('ui.shelf.new') }}</button>
    @unless (request()->routeIs('ready-made') || isset($withoutFrames))
        <a class="button button-quiet" href="{{ route('ready-made') }}">{{ __('ready_made.offer') }}</a>
    @endunless
</form>
