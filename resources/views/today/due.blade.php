<li class="due urgency-{{ $entry->urgency }}">
    <a class="due-words" href="{{ $entry->href }}"><b>{{ $entry->title }}</b> <span>{{ $entry->what }}</span>
        @if ($group !== 'now' || $entry->urgency === 5)
            <small>{{ $entry->when }}</small>
        @endif
    </a>
    @if ($group === 'now')
        @if ($entry->act !== null)
            <form method="post" action="{{ $entry->act['href'] }}"
                x-data="once">@csrf @foreach ($entry->act['fields'] as $name => $value)
                    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                @endforeach
                <button class="button due-do">{{ $entry->act['label'] }}</button>
            </form>
        @else
            <a class="button @if ($entry->open === '') button-quiet @endif due-do"
                href="{{ $entry->href }}">{{ $entry->open === '' ? __('today.open') : $entry->open }}</a>
        @endif
    @endif
</li>
