{{-- What is wrong with a field, beside it: from the request's errors, or from a page's own list of problems. --}}
@props(['for', 'in' => null])
@php($message = $in === null ? $errors->first($for) : $in[$for] ?? '')
@if ($message !== '')
    <p {{ $attributes->class('problem') }} id="problem-{{ $for }}" role="alert">{{ $message }}</p>
@endif
