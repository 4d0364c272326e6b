@php($paths = \App\Drawing\StepDrawing::of($page->step->kind->value))
@if ($paths !== [])
    <svg class="step-drawing"
        viewBox="0 0 {{ \App\Drawing\StepDrawing::WIDTH }} {{ \App\Drawing\StepDrawing::HEIGHT }}" aria-hidden="true">
        @foreach ($paths as $path)
            <path d="{{ $path }}" />
        @endforeach
    </svg>
@endif
