<svg class="qr" viewBox="0 0 {{ $code->size }} {{ $code->size }}" role="img" aria-label="{{ $label }}"
    shape-rendering="crispEdges">
    <rect class="qr-ground" width="{{ $code->size }}" height="{{ $code->size }}" />
    <path class="qr-ink" d="{{ $code->path }}" />
</svg>
