<form method="post" action="{{ route('formula.begin') }}" class="begin">
    @csrf
    <label><span class="label">{{ __('ui.bench.family') }}</span>
        <select name="family">
            @foreach (\Ilvane\Core\Formula\Family::cases() as $family)
                <option value="{{ $family->value }}" @selected($family === \Ilvane\Core\Formula\Family::LeaveInEmulsion)>{{ __('words.family.'.$family->value) }}</option>
            @endforeach
        </select>
    </label>
    <button class="button">{{ __('ui.shelf.new') }}</button>
    @unless (request()->routeIs('frames') || isset($withoutFrames))<a class="button button-quiet" href="{{ route('frames') }}">{{ __('frames.offer') }}</a>@endunless
</form>
