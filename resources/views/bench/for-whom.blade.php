{{-- Who it is for, where it goes and whose law counts: always in sight, because each changes what may be said. --}}
<div class="for-whom" id="for-whom">
    @foreach (['audience', 'use', 'region'] as $field)
        <label><span class="label">{{ __("ui.bench.$field") }}</span>
            <select name="{{ $field }}">
                {{ $page->options("words.$field", $page->draft->text($field)) }}
            </select>
        </label>
    @endforeach
    @unless ($readonly ?? false)
        @foreach ($page->meant() as $meant)
            <p class="meant">{{ __('ui.bench.meant', ['words' => $meant['words']]) }}
                <button class="fix" name="do" value="{{ $meant['do'] }}">
                    {{ __('ui.bench.meant_do', ['what' => $meant['label']]) }}
                </button>
            </p>
        @endforeach
    @endunless
</div>
