<p class="fingerprint">
    @foreach (explode(':', $fingerprint) as $pair)
        {{ $pair }}{{ $loop->last ? '' : ':' }}<wbr>
    @endforeach
</p>
