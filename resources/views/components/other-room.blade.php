{{-- The sample workroom and the maker's own are two servers; only this machine can go from one to the other. --}}
@if (config('ilvane.other') !== '' && \App\Access\AccessControl::isThisMachine(request()))
    <a class="other-room" href="http://{{ config('ilvane.other') }}/">{{ $slot }}</a>
@endif
