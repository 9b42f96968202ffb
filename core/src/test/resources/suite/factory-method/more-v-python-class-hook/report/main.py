from report.views import SalesView, TrendView, View


def show(view: View) -> None:
    print(view.render())


show(SalesView([1, 2]))
show(TrendView([3]))
