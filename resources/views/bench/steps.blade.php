<div class="bench-steps" id="bench-steps">
    @php($ways = $page->ways())
    @foreach (['undo' => '↶', 'redo' => '↷'] as $way => $arrow)
        <button class="button button-quiet" name="do" value="{{ $way }}" id="do-{{ $way }}"
            title="{{ $ways[$way] }}" @disabled($ways[$way] === null)>
            <span aria-hidden="true">{{ $arrow }}</span> {{ __("ui.bench.$way") }}
        </button>
    @endforeach
</div>
