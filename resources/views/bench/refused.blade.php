<p class="bench-refused" id="bench-refused" role="alert" @if ($page->refused === '') hidden @endif>
    {{ $page->refused }}</p>
