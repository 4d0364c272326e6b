<x-page :title="__('papers.how_to_title', ['name' => $howTo->name])" body="on-paper">
    {{ $schema }}
    <article class="how-to">
        <header class="design-head"><a class="back" href="{{ route('bench', $formula) }}">←
                {{ __('ui.acidity.back') }}</a>
            <h1>{{ $howTo->name }} <small>{{ $howTo->yields }}</small></h1>
        </header>
        <div class="how-to-body">
            <section>
                <h2>{{ __('papers.supplies') }}</h2>
                <table class="plain">
                    <tbody>
                        @foreach ($howTo->supplies as $supply)
                            <tr>
                                <th>{{ $supply['name'] }}</th>
                                <td class="num">{{ $supply['amount'] }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <h2>{{ __('papers.tools_heading') }}</h2>
                <p>{{ implode(', ', __('papers.tools')) }}</p>
            </section>
            <section>
                <h2>{{ __('papers.steps') }}</h2>
                <ol class="how-to-steps">
                    @foreach ($howTo->steps as $step)
                        <li><b>{{ $step['name'] }}</b>
                            <p>{{ $step['text'] }}</p>
                        </li>
                    @endforeach
                </ol>
                @if ($howTo->directions !== '')
                    <h2>{{ __('ui.bench.directions') }}</h2>
                    <p>{{ $howTo->directions }}</p>
                @endif
                <p class="quiet">{{ __('ui.label.caution') }} {{ __('ui.label.local_rules') }}</p>
            </section>
        </div>
        <p class="no-print"><button class="button" type="button"
                x-data="printer">{{ __('ui.label.print') }}</button></p>
    </article>
</x-page>
