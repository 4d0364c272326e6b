<x-page :title="__('suggestions.compare_title', ['name' => $page->formula->name])" body="on-design">
    <header class="design-head"><a class="back" href="{{ route('bench', $page->formula) }}">←
            {{ __('ui.acidity.back') }}</a>
        <h1>{{ __('suggestions.compare') }} <small class="name">{{ $page->formula->name }}</small></h1>
        <form class="compare-what" method="get" action="{{ route('compare', $page->formula) }}">
            @foreach (['a' => $page->a, 'b' => $page->b] as $field => $chosen)
                <label><span class="label">{{ __("suggestions.pick_$field") }}</span><select name="{{ $field }}">
                        @foreach ($page->choices as $key => $name)
                            <option value="{{ $key }}" @selected((string) $key === $chosen)>{{ $name }}
                            </option>
                        @endforeach
                    </select></label>
            @endforeach
            <button class="button button-quiet">{{ __('suggestions.do_compare') }}</button>
        </form>
    </header>
    @if (count($page->choices) === 1)
        <p>{{ __('suggestions.compare_one') }}</p>
    @endif
    @foreach ([$page->a => $page->noteA, $page->b => $page->noteB] as $which => $note)
        @if ($note !== '')
            <p class="version-note">{{ $page->choices[$which] }}: <em>{{ $note }}</em></p>
        @endif
    @endforeach
    @include('suggestions.sides', ['sides' => $page->sides])
</x-page>
