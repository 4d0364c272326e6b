@if (($page->detail['lines'] ?? []) !== [])
    <ul class="hob-list">
        @foreach ($page->detail['lines'] as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
@endif
@push('go')
    <button class="button hob-go">{{ __('make.done') }}</button>
@endpush
