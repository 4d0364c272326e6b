@foreach ($words as $value => $word)
    <option value="{{ $value }}" @selected($chosen === (string) $value)>{{ $word }}</option>
@endforeach
