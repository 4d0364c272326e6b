<ol class="choices" @if ($answered === null) data-choices @endif>
    @foreach ($choices as $i => $choice)
        <li>
            <button class="choice @if ($choice['is'] !== '') is-{{ $choice['is'] }} @endif"
                name="{{ $field }}" value="{{ $i }}" @disabled($answered !== null)
                @if ($answered === $i) aria-current="true" @endif>
                @if (($choice['vessel'] ?? null) !== null)
                    <x-vessel :section="$choice['vessel']" class="choice-vessel" />
                @endif
                <span class="choice-mark"
                    aria-hidden="true">{{ ['right' => '✓', 'wrong' => '✕', '' => $answered === null
                    ? $i + 1
                    : ''][$choice['is']] }}</span>
                <span>{{ $choice['label'] }}@if ($choice['detail'] !== '')
                        <small>{{ $choice['detail'] }}</small>
                        @endif @if ($answered === $i)
                            <small class="choice-yours">{{ __('practice.yours') }}</small>
                        @endif
                </span>
            </button>
        </li>
    @endforeach
</ol>
