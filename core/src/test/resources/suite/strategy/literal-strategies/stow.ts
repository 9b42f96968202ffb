export interface StowPlan {
  name: string;
  order(loads: Load[]): Load[];
}

export interface Load {
  tons: number;
  port: number;
}

export const heavyFirst: StowPlan = {
  name: "heavy first",
  order: (loads) => [...loads].sort((a, b) => b.tons - a.tons),
};

export const lastPortFirst: StowPlan = {
  name: "last port first",
  order: (loads) => [...loads].sort((a, b) => b.port - a.port),
};
