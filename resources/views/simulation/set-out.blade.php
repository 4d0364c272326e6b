<x-page :title="__('simulation.set_out_title', ['name' => $formula->name])" body="on-paper">
    <header class="design-head"><a class="back" href="{{ route('simulation', $formula) }}">←
            {{ __('simulation.heading') }}</a>
        <h1>{{ __('simulation.set_out_title', ['name' => $formula->name]) }}</h1>
    </header>
    <div class="how-to-body">
        <section>
            <h2>{{ __('simulation.tools_heading') }}</h2>
            <ul class="tick-list">
                @foreach ($setOut->tools as $tool)
                    <li><label><input type="checkbox"> {{ $tool }}</label></li>
                @endforeach
            </ul>
        </section>
        <section>
            <h2>{{ __('simulation.weights') }}</h2>
            @foreach ($setOut->phases as $phase)
                <table class="plain mat-{{ $phase['phase'] }}">
                    <caption class="unseen-word">{{ $phase['name'] }}</caption>
                    <tbody>
                        <tr class="lane-line">
                            <th colspan="2">{{ $phase['name'] }}</th>
                        </tr>
                        @foreach ($phase['lines'] as $line)
                            <tr>
                                <td><label class="tick"><input type="checkbox"> {{ $line['name'] }}</label></td>
                                <td class="num">{{ $line['grams'] }} g</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endforeach
        </section>
    </div>
    <p class="lot-caution">{{ __('simulation.caution') }}</p>
    <p class="no-print"><button class="button" type="button"
            x-data="printer">{{ __('ui.label.print') }}</button></p>
</x-page>
