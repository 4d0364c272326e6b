<x-page :title="__('learn.title')" body="on-shelf on-learn">
    <h1>{{ __('learn.title') }}</h1>
    <div class="learn-halves">
        <section>
            <h2><a href="{{ route('handbook') }}">{{ __('learn.handbook') }}</a></h2>
            <p>{{ __('learn.handbook_why') }}</p>
            <ul>
                @foreach ($topics as $slug => $title)
                    <li><a href="{{ route('handbook.topic', $slug) }}">{{ $title }}</a></li>
                @endforeach
            </ul>
        </section>
        <section>
            <h2><a href="{{ route('practice') }}">{{ __('learn.practice') }}</a></h2>
            <p>{{ __('learn.practice_why') }}</p>
            <p>{{ trans_choice('learn.due', $due) }}</p>
            <p><a class="button" href="{{ route('practice') }}">{{ __('learn.open_practice') }}</a></p>
        </section>
    </div>
</x-page>
