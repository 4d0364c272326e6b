@inject('wording', 'App\Ground\Wording')
<x-page :title="__('projects.title', ['name' => $page->formula->name])" body="on-project">
    <header class="project-head">
        <h1>{{ __('projects.title', ['name' => $page->formula->name]) }}</h1>
        <p><a href="{{ route('bench', $page->formula) }}">{{ __('projects.to_bench') }}</a></p>
    </header>
    @if ($page->rows === [])
        <p class="project-none">{{ __('projects.none') }}</p>
    @else
        @if ($page->next !== '')
            <p class="project-next" role="status">{{ $page->next }}</p>
        @endif
        <form method="post" action="{{ route('project.plan', $page->formula) }}" class="project-when" novalidate>
            @csrf
            <label><span class="label">{{ __('projects.begin') }}</span><input type="datetime-local" name="begin"
                    value="{{ old('begin', $page->begin) }}" @invalid('begin')></label>
            <button class="button @if ($page->project !== null) button-quiet @endif">
                {{ __($page->project === null ? 'projects.do_plan' : 'projects.do_move') }}</button>
            @if ($page->project === null)
                <span class="quiet">
                    {{ __('projects.proposal', ['begin' => $page->beginSaid, 'earliest' => $page->earliest]) }}</span>
            @endif
            <x-problem for="begin" />
        </form>
        @if ($page->countdown !== null)
            <div class="project-drawn" tabindex="0" aria-label="{{ __('projects.drawn') }}">
                <x-countdown :countdown="$page->countdown" />
            </div>
        @endif
        <div class="project-body">
            <section>
                <h2>{{ __('projects.starts') }}</h2>
                <ol class="project-parts">
                    @foreach ($page->rows as $row)
                        @include('projects.part')
                    @endforeach
                </ol>
                <form method="post" action="{{ route('project.make', $page->formula) }}" class="project-make">
                    @csrf
                    <h3>{{ __('projects.verdict') }}</h3>
                    <p>{{ $page->verdict }}</p>
                    <button class="button big-button" @disabled(!$page->canBeMade)>
                        {{ __('projects.make', ['name' => $page->formula->name]) }}</button>
                    <x-problem for="make" />
                </form>
            </section>
            <section class="project-buy">
                <h2>{{ __('projects.buy') }}</h2>
                @if ($page->buy === [])
                    <p>{{ __('projects.buy_none') }}</p>
                @else
                    <ul>
                        @foreach ($page->buy as $row)
                            <li><b>{{ $row['buy'] }}</b> {{ $row['name'] }}@if ($row['buy'] !== $row['wanted'])
                                    <small>{{ __('projects.buy_of', ['wanted' => $row['wanted']]) }}</small>
                                @endif
                            </li>
                        @endforeach
                    </ul>
                @endif
                @if ($page->project !== null)
                    <form method="post" action="{{ route('project.drop', $page->formula) }}">@csrf<button
                            class="link">{{ __('projects.drop') }}</button></form>
                @endif
            </section>
        </div>
    @endif
</x-page>
