@include('make.clock')
@include('make.tick')
