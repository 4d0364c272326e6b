<x-page :title="__('pantry.title')" body="on-shelf">
    <div class="shelf-head"><h1>{{ __('pantry.title') }}</h1></div>
    @if ($oils === [] && $preparations === [] && $gone === [])
        <section class="first">
            <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('bottle', 250), [], 0, 240)" class="first-vessel"/>
            <p>{{ __('pantry.empty') }}</p>
        </section>
    @endif
    @foreach (['preparations' => $preparations, 'oils' => $oils] as $heading => $things)
        @if ($things !== [])<section class="shelf-row"><h2>{{ __("pantry.$heading") }}</h2>@include('shelf.things')</section>@endif
    @endforeach
    @if ($gone !== [])
        <section><h2>{{ __('pantry.gone') }}</h2>
            <table class="plain done-list"><tbody>@foreach ($gone as $lot)<tr><th><a href="{{ route('lot', $lot) }}">{{ $lot->name }}</a></th><td>{{ $lot->code }}</td><td>{{ $lot->gone_at === null ? '' : app(\App\Workroom\Wording::class)->ago($lot->gone_at) }}</td></tr>@endforeach</tbody></table>
        </section>
    @endif
</x-page>
