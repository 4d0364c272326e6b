<x-page :title="__('ui.intake.nav')" body="on-intake">
    <h1>{{ __('ui.intake.title') }}</h1>
    <p class="intake-hint">{{ __('ui.intake.hint') }}</p>
    <form method="post" action="{{ route('intake.read') }}" enctype="multipart/form-data" class="intake-paste">
        @csrf
        <label><span class="label">{{ __('ui.intake.text') }}</span>
            <textarea name="text" rows="14" placeholder="{{ __('ui.intake.example') }}" @if ($problem !== null) aria-invalid="true" aria-describedby="problem-text" @endif>{{ $text }}</textarea></label>
        @if ($problem !== null)<p class="problem" id="problem-text" role="alert">{{ $problem }}</p>@endif
        <p class="intake-do"><label class="file"><span class="label">{{ __('ui.intake.file') }}</span> <input type="file" name="file" accept=".txt,.md,.csv,.xlsx,.ods,.json,text/plain"></label>
            <button class="button">{{ __('ui.intake.read') }}</button></p>
    </form>
</x-page>
