/**
 * Charts as SVG, drawn here: the library is heavier than all that the page which shows them runs. What stands in them is
 * numbers and names; the page says what they mean.
 */
import { BarChart } from 'echarts/charts'
import { GridComponent } from 'echarts/components'
import { init, use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { LYING, UPRIGHT, type Bars } from '../../core/check/bars'

use([BarChart, GridComponent, SVGRenderer])

const WIDEST = { upright: 26, lying: 14 }

/** A colour of the page; the picture stands in it, and knows its names. */
const inkOf = (name: string) => `var(--${name})`

export function drawBars({ width, height, lying, names, parts }: Bars): string {
  const axis = {
    axisLine: { lineStyle: { color: inkOf('rule') } },
    axisTick: { show: false },
    axisLabel: { color: inkOf('soft'), fontFamily: 'inherit', fontSize: 12, ...(lying ? { width: LYING.left - 18, overflow: 'truncate' as const } : {}) },
  }
  const along = { type: 'category' as const, data: [...names], inverse: lying, ...axis }
  const chart = init(null, null, { renderer: 'svg', ssr: true, width, height })
  try {
    chart.setOption({
      animation: false,
      grid: lying ? LYING : UPRIGHT,
      xAxis: lying ? { show: false } : along,
      yAxis: lying ? along : { show: false },
      series: parts.map(({ ink, values }) => ({
        type: 'bar',
        stack: 'one',
        barMaxWidth: lying ? WIDEST.lying : WIDEST.upright,
        itemStyle: { color: inkOf(ink) },
        ...(lying ? { label: { show: true, position: 'right', color: inkOf('soft'), fontFamily: 'inherit' } } : {}),
        // None is no bar of no height.
        data: values.map(value => value || (lying ? 0 : null)),
      })),
    })
    return chart.renderToSVGString()
  }
  finally { chart.dispose() }
}
