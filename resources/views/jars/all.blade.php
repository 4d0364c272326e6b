<x-page :title="__('jars.title')" body="on-shelf">
    <div class="shelf-head">
        <h1>{{ __('jars.title') }}</h1>
        <form method="post" action="{{ route('jar.begin') }}">@csrf<button class="button">{{ __('jars.plan_new') }}</button></form>
    </div>
    @if ($standing === [] && $planned === [] && $done === [])
        <section class="first">
            <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('jar', 500), [], 0, 240)" class="first-vessel"/>
            <p>{{ __('jars.empty') }}</p>
        </section>
    @endif
    @foreach (['standing' => $standing, 'planned' => $planned] as $heading => $things)
        @if ($things !== [])<section class="shelf-row"><h2>{{ __("jars.$heading") }}</h2>@include('shelf.things')</section>@endif
    @endforeach
    @if ($done !== [])
        <section><h2>{{ __('jars.done') }}</h2>
            <table class="plain done-list"><tbody>@foreach ($done as $jar)<tr><th><a href="{{ route('jar', $jar) }}">{{ $jar->name }}</a></th><td>{{ $jar->code }}</td><td>{{ __("jars.state.$jar->status", ['when' => $jar->ended_at === null ? '' : app(\App\Ground\Wording::class)->ago($jar->ended_at)]) }}</td></tr>@endforeach</tbody></table>
        </section>
    @endif
</x-page>
