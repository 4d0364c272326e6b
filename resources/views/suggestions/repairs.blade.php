<x-page :title="__('suggestions.repairs.title', ['name' => $page->formula->name])" body="on-design">
    <header class="design-head"><a class="back" href="{{ route('bench', $page->formula) }}">←
            {{ __('ui.acidity.back') }}</a>
        <h1>{{ __('suggestions.repairs.link') }} <small class="name">{{ $page->formula->name }}</small></h1>
    </header>
    <p class="verdict">{{ $page->verdict }}</p>
    <p>{{ __("suggestions.repairs.{$page->state}") }}</p>
    <div class="repairs">
        @foreach ($page->versions as $version)
            <section class="repair" aria-labelledby="repair-{{ $version['kind'] }}">
                <h2 id="repair-{{ $version['kind'] }}">{{ $version['label'] }}
                    <small>{{ $version['means'] }}</small></h2>
                <x-vessel :section="$version['sides']->after['vessel']" class="side-vessel" />
                @if ($version['keeps'] !== '')
                    <p class="repair-keeps">{{ __('suggestions.repairs.keeps', ['days' => $version['keeps']]) }}</p>
                @endif
                <p>{{ $version['sides']->after['verdict'] }}</p>
                <table class="plain">
                    <tbody>
                        @foreach ($version['sides']->shares as $row)
                            <tr @if ($row['isMoved']) class="is-moved" @endif>
                                <th>{{ $row['name'] }}</th>
                                <td class="num">{{ $row['before'] }}</td>
                                <td class="num">{{ $row['isMoved'] ? '→ ' . $row['after'] : '' }}</td>
                            </tr>
                        @endforeach
                        @foreach ($version['sides']->figures as $row)
                            @if ($row['isMoved'])
                                <tr class="repair-figure">
                                    <th>{{ $row['label'] }}</th>
                                    <td class="num">{{ $row['before'] }}</td>
                                    <td class="num">→ {{ $row['after'] }}</td>
                                </tr>
                            @endif
                        @endforeach
                    </tbody>
                </table>
                <form method="post" action="{{ route('repairs.take', $page->formula) }}">@csrf<input type="hidden"
                        name="kind" value="{{ $version['kind'] }}"><button
                        class="button">{{ __('suggestions.repairs.open') }}</button></form>
            </section>
        @endforeach
    </div>
</x-page>
