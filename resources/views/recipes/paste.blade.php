<x-page :title="__('recipes.title')" body="on-intake">
    <h1>{{ __('recipes.title') }}</h1>
    <p class="intake-hint">{{ __('recipes.hint') }}</p>
    <form method="post" action="{{ route('recipe.read') }}" enctype="multipart/form-data" class="intake-paste">
        @csrf
        @if ($picture !== '')
            <figure class="note-picture">
                <img src="{{ route('recipe.picture', $picture) }}" alt="{{ __('recipes.picture') }}">
                <figcaption>{{ __('recipes.picture_kept') }}</figcaption>
                <input type="hidden" name="picture" value="{{ $picture }}">
            </figure>
        @endif
        <label><span class="label">{{ __('recipes.text') }}</span>
            <textarea name="text" rows="14" placeholder="{{ __('recipes.example') }}"
                @if ($problem !== null) aria-invalid="true" aria-describedby="problem-text"
                    @endif>{{ $text }}</textarea>
        </label>
        @if ($problem !== null)
            <p class="problem" id="problem-text" role="alert">{{ $problem }}</p>
        @endif
        <p class="intake-do"><label class="file"><span class="label">{{ __('recipes.file') }}</span> <input
                    type="file" name="file"
                    accept=".txt,.md,.csv,.xlsx,.ods,.json,text/plain,image/jpeg,image/png,image/webp"></label>
            <button class="button">{{ __('recipes.read') }}</button>
        </p>
    </form>
</x-page>
