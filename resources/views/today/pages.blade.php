@if ($paginator->hasPages())
    <nav class="pages">
        @if (!$paginator->onFirstPage())
            <a href="{{ $paginator->previousPageUrl() }}" rel="prev">← {{ $paginator->currentPage() - 1 }}</a>
        @endif
        @if ($paginator->hasMorePages())
            <a href="{{ $paginator->nextPageUrl() }}" rel="next">{{ $paginator->currentPage() + 1 }} →</a>
        @endif
    </nav>
@endif
