from orders import Crane, Foreman, Grab, Raise

crane = Crane()
foreman = Foreman()
foreman.order(Grab(crane, "timber"))
foreman.order(Raise(crane, 20))
foreman.work()
