from django.http import HttpResponseRedirect, JsonResponse
from django.shortcuts import get_object_or_404, render
from django.utils import timezone
from django.views import View

from .forms import PassageForm
from .models import Passage, Pilot


class StaffOnly:
    def dispatch(self, request, *args, **kwargs):
        if not request.user.is_staff:
            return HttpResponseRedirect("/login")
        return super().dispatch(request, *args, **kwargs)


class PassageView(StaffOnly, View):
    template = "passage.html"

    def get(self, request):
        return render(request, self.template, {"form": PassageForm(), "pilots": Pilot.objects.filter(active=True)})

    def post(self, request):
        form = PassageForm(request.POST)
        if form.is_valid():
            form.save()
            return HttpResponseRedirect("/passages")
        return render(request, self.template, {"form": form}, status=400)


class FinishView(StaffOnly, View):
    def post(self, request, pk):
        passage = get_object_or_404(Passage, pk=pk)
        passage.finish(timezone.now())
        return JsonResponse({"ended": passage.ended.isoformat()})
