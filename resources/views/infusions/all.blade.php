@inject('wording', 'App\Ground\Wording')
<x-page :title="__('infusions.title')" body="on-shelf">
    @include('infusions.tabs')
    <div class="shelf-head">
        <h1>{{ __('infusions.title') }}</h1>
        <form method="post" action="{{ route('infusion.begin') }}">@csrf<button
                class="button">{{ __('infusions.plan_new') }}</button></form>
    </div>
    @if ($standing === [] && $planned === [] && $done === [])
        <section class="first">
            <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('jar', 500), [], 0, 240)"
                class="first-vessel" />
            <p>{{ __('infusions.empty') }}</p>
        </section>
    @endif
    @foreach (['standing' => $standing, 'planned' => $planned] as $heading => $things)
        @if ($things !== [])
            <section class="shelf-row">
                <h2>{{ __("infusions.$heading") }}</h2>@include('today.things')
            </section>
        @endif
    @endforeach
    @if ($done !== [])
        <section>
            <h2>{{ __('infusions.done') }}</h2>
            <table class="plain done-list">
                <tbody>
                    @foreach ($done as $jar)
                        <tr>
                            <th><a href="{{ route('infusion', $jar) }}">{{ $jar->name }}</a></th>
                            <td>{{ $jar->code }}</td>
                            <td>{{ __("infusions.state.{$jar->status->value}",
                                ['when' => $jar->ended_at === null ? '' : $wording->ago($jar->ended_at)]) }}
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-page>
