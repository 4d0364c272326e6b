<li class="pencil sev-{{ $note['severity'] }}" id="note-{{ md5($note['id']) }}" data-row="{{ $note['row'] }}">
    <p class="pencil-what">{{ \App\Ground\PencilNotes::mark($note['mark']) }} @if ($note['lines'] !== [])
            <span class="pencil-lines">{{ implode(', ', $note['lines']) }}</span>
        @endif {{ $note['message'] }}</p>
    @foreach ($note['under'] as $also)
        <p class="pencil-also">{{ $also }}</p>
    @endforeach
    @if ($note['ask'] !== null)
        <p class="pencil-ask">{{ $note['ask'] }}</p>
    @endif
    @if ($note['fixes'] !== [] && !($readonly ?? false))
        <p class="pencil-fixes">
            @foreach ($note['fixes'] as $fix)
                <button class="fix" name="do" value="{{ $fix['do'] }}">{{ $fix['label'] }}@if ($fix['preview'] !== '')
                        <small>{{ $fix['preview'] }}</small>
                    @endif
                </button>
            @endforeach
        </p>
    @endif
    @if ($note['shared'] && !($readonly ?? false))
        <p class="pencil-also">{{ __('ui.bench.offered_once') }}</p>
    @endif
    @if ($note['waits'])
        <p class="pencil-fixes" data-waits></p>
    @endif
    <details class="pencil-why">
        <summary>{{ __('ui.bench.why') }}</summary>
        <p>{{ $note['because'] }}</p>
        <p class="pencil-source"><span class="label">{{ __('ui.bench.source') }}</span> {{ $note['source'] }}
            <code>{{ $note['code'] }}</code>
            @if ($note['handbook'] !== '')
                <a href="{{ $note['handbook'] }}">{{ __('handbook.read_more') }}</a>
            @endif
        </p>
    </details>
</li>
